<?php

declare(strict_types=1);

namespace Pausis\Core\Sequence;

/**
 * A linear-chain conditional random field: labels for the places of a sequence by what is observed at each and by the label before.
 *
 * P(y | x) ∝ exp Σ_t (Σ_f w[f, y_t] + v[y_{t-1}, y_t]), f over the observations at t. Lafferty, McCallum, Pereira 2001.
 */
final readonly class Chain
{
    /** Weights are kept in whole hundredths. */
    public const SCALE = 100;
    /** Beyond this a difference of scores is certainty. */
    private const FLOOR = -60.0;

    /**
     * @param list<string>                   $labels
     * @param array<string, array<int, int>> $seen    hundredths for each label that an observation speaks for or against
     * @param list<list<int>>                $follows hundredths for each label (inner) after each (outer)
     * @param float                          $heat    what scores are divided by, so that a probability of 0.9 is right in nine of ten
     */
    public function __construct(public array $labels, private array $seen, private array $follows, private float $heat = 1.0)
    {
    }

    /** @param array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float} $weights */
    public static function of(array $weights): self
    {
        return new self($weights['labels'], $weights['seen'], $weights['follows'], $weights['heat']);
    }

    /**
     * The probability of each label at each place, over all ways to label the whole.
     *
     * @param list<list<string>> $sequence what is observed at each place
     *
     * @return list<list<float>>
     */
    public function marginals(array $sequence): array
    {
        if ([] === $sequence) {
            return [];
        }
        $most = \count($this->labels);
        $per = self::SCALE * $this->heat;
        $moves = array_map(static fn (array $row): array => array_map(static fn (int $w): float => exp($w / $per), $row), $this->follows);
        $here = array_map(fn (array $observed): array => $this->potentials($observed, $per), $sequence);

        return self::product(self::forward($here, $moves, $most), self::backward($here, $moves, $most), $most);
    }

    /**
     * @param list<string> $observed
     *
     * @return list<float> exp of each label's score, the greatest being 1
     */
    private function potentials(array $observed, float $per): array
    {
        $scores = array_map(static fn (string $label): int => 0, $this->labels);
        foreach ($observed as $one) {
            foreach ($this->seen[$one] ?? [] as $label => $weight) {
                $scores[$label] += $weight;
            }
        }
        $top = max([\PHP_INT_MIN, ...$scores]);

        return array_values(array_map(static fn (int $s): float => exp(max(self::FLOOR, ($s - $top) / $per)), $scores));
    }

    /**
     * @param list<list<float>> $here
     * @param list<list<float>> $moves
     *
     * @return list<list<float>> each place's sum to 1
     */
    private static function forward(array $here, array $moves, int $most): array
    {
        $forward = [self::scaled($here[0])];
        for ($t = 1, $end = \count($here); $t < $end; ++$t) {
            $row = [];
            for ($to = 0; $to < $most; ++$to) {
                $sum = 0.0;
                for ($from = 0; $from < $most; ++$from) {
                    $sum += $forward[$t - 1][$from] * $moves[$from][$to];
                }
                $row[] = $sum * $here[$t][$to];
            }
            $forward[] = self::scaled($row);
        }

        return $forward;
    }

    /**
     * @param list<list<float>> $here
     * @param list<list<float>> $moves
     *
     * @return array<int, list<float>>
     */
    private static function backward(array $here, array $moves, int $most): array
    {
        $end = \count($here) - 1;
        $backward = [$end => array_fill(0, $most, 1.0)];
        for ($t = $end - 1; $t >= 0; --$t) {
            $row = [];
            for ($from = 0; $from < $most; ++$from) {
                $sum = 0.0;
                for ($to = 0; $to < $most; ++$to) {
                    $sum += $moves[$from][$to] * $here[$t + 1][$to] * $backward[$t + 1][$to];
                }
                $row[] = $sum;
            }
            $backward[$t] = self::scaled($row);
        }

        return $backward;
    }

    /**
     * @param list<list<float>>       $forward
     * @param array<int, list<float>> $backward
     *
     * @return list<list<float>>
     */
    private static function product(array $forward, array $backward, int $most): array
    {
        $marginals = [];
        foreach ($forward as $t => $row) {
            $both = [];
            for ($label = 0; $label < $most; ++$label) {
                $both[] = $row[$label] * $backward[$t][$label];
            }
            $marginals[] = self::scaled($both);
        }

        return $marginals;
    }

    /**
     * @param list<float> $row
     *
     * @return list<float>
     */
    private static function scaled(array $row): array
    {
        $sum = array_sum($row);

        return array_map(static fn (float $v): float => $v / $sum, $row);
    }
}
