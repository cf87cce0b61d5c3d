<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Sequence;

use Pausis\Core\Sequence\Chain;
use Pausis\Core\Sequence\Fitting;
use PHPUnit\Framework\TestCase;

/** What is fitted to labelled sequences tells others, and tells how sure it is. */
final class FittingTest extends TestCase
{
    public function testLearnsWhatIsSeenAndWhatFollows(): void
    {
        $chain = Chain::of((new Fitting(['food', 'work'], 7))->fit(self::meals(60), 12));

        $rows = $chain->marginals([['amount', 'leek'], ['blank'], ['verb'], ['blank']]);

        self::assertGreaterThan(0.95, $rows[0][0]);
        self::assertGreaterThan(0.6, $rows[1][0], 'a blank after food is more likely food');
        self::assertGreaterThan(0.9, $rows[2][1]);
        self::assertGreaterThan(0.8, $rows[3][1], 'and after work always work');
    }

    public function testTheSameSeedGivesTheSameWeights(): void
    {
        $fit = static fn (int $seed): array => (new Fitting(['food', 'work'], $seed))->fit(self::meals(30), 5);

        self::assertSame($fit(3), $fit(3));
        self::assertNotSame($fit(3)['seen'], $fit(4)['seen']);
    }

    public function testWhatIsSeenSeldomTeachesNothing(): void
    {
        $weights = (new Fitting(['food', 'work']))->fit([...self::meals(20), [[['amount', 'once']], [0]]], 5);

        self::assertArrayHasKey('amount', $weights['seen']);
        self::assertArrayNotHasKey('once', $weights['seen']);
    }

    public function testWhatCannotBeToldIsSaidSo(): void
    {
        $even = array_map(static fn (int $k): array => [[['same']], [$k % 4 < 3 ? 0 : 1]], range(0, 99));

        $rows = Chain::of((new Fitting(['food', 'work']))->fit($even, 30))->marginals([['same']]);

        self::assertEqualsWithDelta(0.75, $rows[0][0], 0.06, 'three of four');
    }

    /** @return list<array{list<list<string>>, list<int>}> food lines, then work; blanks between follow what stands before */
    private static function meals(int $most): array
    {
        $meals = [];
        for ($k = 0; $k < $most; ++$k) {
            $foods = array_fill(0, 2 + $k % 3, ['amount', 0 === $k % 2 ? 'leek' : 'beef']);
            $work = array_fill(0, 1 + $k % 2, ['verb']);
            $meals[] = [
                [...$foods, ['blank'], ...$work, ['blank']],
                [...array_fill(0, \count($foods) + 1, 0), ...array_fill(0, \count($work) + 1, 1)],
            ];
        }

        return $meals;
    }
}
