<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Sequence;

use Pausis\Core\Sequence\Chain;
use PHPUnit\Framework\TestCase;

/** A chain's marginals are those of all labellings counted one by one. */
final class ChainTest extends TestCase
{
    private const SEEN = ['red' => [0 => 130, 2 => -40], 'round' => [1 => 75], 'big' => [0 => -60, 1 => 20, 2 => 90]];
    private const FOLLOWS = [[50, -30, 10], [-80, 40, 120], [0, 60, -25]];
    private const SEQUENCE = [['red', 'round'], ['big'], ['unheard'], ['round', 'big'], []];

    public function testMarginalsAreThoseOfEveryLabelling(): void
    {
        foreach ([1.0, 1.7] as $heat) {
            $counted = self::counted($heat);
            foreach ((new Chain(['a', 'b', 'c'], self::SEEN, self::FOLLOWS, $heat))->marginals(self::SEQUENCE) as $t => $row) {
                self::assertEqualsWithDelta(1.0, array_sum($row), 1e-12);
                foreach ($row as $label => $probability) {
                    self::assertEqualsWithDelta($counted[$t][$label], $probability, 1e-12, "place $t, label $label");
                }
            }
        }
    }

    public function testOverwhelmingScoresStayProbabilities(): void
    {
        $rows = (new Chain(['a', 'b'], ['x' => [0 => 2_000_000]], [[0, 0], [0, 0]]))->marginals(array_fill(0, 3000, ['x']));

        self::assertCount(3000, $rows);
        foreach ([0, 1500, 2999] as $t) {
            self::assertEqualsWithDelta([1.0, 0.0], $rows[$t], 1e-9);
        }
    }

    public function testNothingHasNoLabels(): void
    {
        self::assertSame([], (new Chain(['a'], [], [[0]]))->marginals([]));
    }

    /** @return array<int, array<int, float>> */
    private static function counted(float $heat): array
    {
        $sums = array_fill(0, \count(self::SEQUENCE), [0.0, 0.0, 0.0]);
        $whole = 0.0;
        for ($code = 0; $code < 3 ** \count(self::SEQUENCE); ++$code) {
            $labels = array_map(static fn (int $t): int => intdiv($code, 3 ** $t) % 3, array_keys(self::SEQUENCE));
            $score = 0;
            foreach (self::SEQUENCE as $t => $observed) {
                $score += array_sum(array_map(static fn (string $o): int => self::SEEN[$o][$labels[$t]] ?? 0, $observed));
                $score += 0 === $t ? 0 : self::FOLLOWS[$labels[$t - 1]][$labels[$t]];
            }
            $weight = exp($score / Chain::SCALE / $heat);
            $whole += $weight;
            foreach ($labels as $t => $label) {
                $sums[$t][$label] += $weight;
            }
        }

        return array_map(static fn (array $row): array => array_map(static fn (float $s): float => $s / $whole, $row), $sums);
    }
}
