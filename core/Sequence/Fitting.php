<?php

declare(strict_types=1);

namespace Pausis\Core\Sequence;

/**
 * Fits a chain's weights to labelled sequences: stochastic gradient of the log-likelihood, AdaGrad steps (Duchi et al. 2011), a quadratic
 * penalty. The same seed and sequences give the same weights.
 */
final class Fitting
{
    private const STEP = 0.25;
    private const PENALTY = 0.01;
    /** Nearer than this to what is, nothing is learned. */
    private const LEAST_ERROR = 1e-3;
    /** Observations made less often teach nothing. */
    private const LEAST_OFTEN = 5;
    /** Weights nearer to nought are left out. */
    private const LEAST_WEIGHT = 0.06;

    /** @var array<string, int> */
    private array $index = [];
    /** @var array<int, float> by observation times labels plus label */
    private array $weights = [];
    /** @var array<int, float> */
    private array $squares = [];
    private int $most;

    /** @param list<string> $labels */
    public function __construct(private readonly array $labels, private int $seed = 1)
    {
        $this->most = \count($labels);
    }

    /**
     * @param list<array{list<list<string>>, list<int>}> $sequences observations and labels by their place among the labels
     *
     * @return array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float}
     */
    public function fit(array $sequences, int $rounds): array
    {
        $this->indexed($sequences);
        $moves = \count($this->index) * $this->most;
        $this->weights = $this->squares = array_fill(0, $moves + $this->most * $this->most, 0.0);
        $data = array_map(fn (array $s): array => [array_map($this->known(...), $s[0]), $s[1]], $sequences);
        $total = array_fill(0, \count($this->weights), 0.0);
        for ($round = 1; $round <= $rounds; ++$round) {
            foreach ($this->shuffled(array_keys($data)) as $k) {
                $this->learn($data[$k][0], $data[$k][1], $moves);
            }
            if (2 * $round > $rounds) {
                foreach ($this->weights as $w => $weight) {
                    $total[$w] += $weight / ($rounds - intdiv($rounds, 2));
                }
            }
        }

        return $this->kept($total, $moves);
    }

    /** @param list<array{list<list<string>>, list<int>}> $sequences */
    private function indexed(array $sequences): void
    {
        $often = [];
        foreach ($sequences as [$places]) {
            foreach ($places as $observed) {
                foreach ($observed as $one) {
                    $often[$one] = ($often[$one] ?? 0) + 1;
                }
            }
        }
        $kept = array_keys(array_filter($often, static fn (int $n): bool => $n >= self::LEAST_OFTEN));
        sort($kept, \SORT_STRING);
        $this->index = array_flip(array_map(strval(...), $kept));
    }

    /**
     * @param list<string> $observed
     *
     * @return list<int>
     */
    private function known(array $observed): array
    {
        $known = [];
        foreach ($observed as $one) {
            if (isset($this->index[$one])) {
                $known[] = $this->index[$one] * $this->most;
            }
        }

        return $known;
    }

    /**
     * @param list<list<int>> $places
     * @param list<int>       $gold
     */
    private function learn(array $places, array $gold, int $moves): void
    {
        [$here, $step] = $this->potentials($places, $moves);
        $sums = ForwardBackward::over($here, $step);
        foreach ($places as $t => $observed) {
            foreach ($sums->marginals[$t] as $y => $p) {
                $error = $p - ($y === $gold[$t] ? 1.0 : 0.0);
                if (abs($error) > self::LEAST_ERROR) {
                    foreach ($observed as $base) {
                        $this->move($base + $y, $error);
                    }
                }
            }
            if ($t > 0) {
                $this->pairs($sums->forward[$t - 1], $step, $here[$t], $sums->backward[$t], $gold[$t - 1], $gold[$t], $moves);
            }
        }
    }

    /**
     * @param list<list<int>> $places
     *
     * @return array{list<list<float>>, list<list<float>>}
     */
    private function potentials(array $places, int $moves): array
    {
        $most = $this->most;
        $here = $step = [];
        foreach ($places as $observed) {
            $row = [];
            for ($y = 0; $y < $most; ++$y) {
                $score = 0.0;
                foreach ($observed as $base) {
                    $score += $this->weights[$base + $y];
                }
                $row[] = $score;
            }
            $top = max([-\INF, ...$row]);
            $here[] = array_map(static fn (float $s): float => exp(max(-60.0, $s - $top)), $row);
        }
        for ($from = 0; $from < $most; ++$from) {
            $step[] = array_map(exp(...), \array_slice($this->weights, $moves + $from * $most, $most));
        }

        return [$here, $step];
    }

    /**
     * @param list<float>       $before
     * @param list<list<float>> $step
     * @param list<float>       $here
     * @param list<float>       $after
     */
    private function pairs(array $before, array $step, array $here, array $after, int $goldBefore, int $gold, int $moves): void
    {
        $sum = 0.0;
        $pairs = [];
        for ($from = 0; $from < $this->most; ++$from) {
            for ($to = 0; $to < $this->most; ++$to) {
                $p = $before[$from] * $step[$from][$to] * $here[$to] * $after[$to];
                $pairs[] = $p;
                $sum += $p;
            }
        }
        foreach ($pairs as $k => $p) {
            $error = $p / $sum - ($k === $goldBefore * $this->most + $gold ? 1.0 : 0.0);
            if (abs($error) > self::LEAST_ERROR) {
                $this->move($moves + $k, $error);
            }
        }
    }

    private function move(int $at, float $error): void
    {
        $slope = $error + self::PENALTY * $this->weights[$at];
        $this->squares[$at] += $slope * $slope;
        $this->weights[$at] -= self::STEP * $slope / (1e-4 + sqrt($this->squares[$at]));
    }

    /**
     * @param array<int, float> $total
     *
     * @return array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float}
     */
    private function kept(array $total, int $moves): array
    {
        $seen = $follows = [];
        foreach ($this->index as $one => $k) {
            $row = [];
            for ($y = 0; $y < $this->most; ++$y) {
                $weight = $total[$k * $this->most + $y];
                if (abs($weight) >= self::LEAST_WEIGHT) {
                    $row[$y] = (int) round(Chain::SCALE * $weight);
                }
            }
            if ([] !== $row) {
                $seen[(string) $one] = $row;
            }
        }
        for ($from = 0; $from < $this->most; ++$from) {
            $follows[] = array_map(
                static fn (float $w): int => (int) round(Chain::SCALE * $w),
                \array_slice($total, $moves + $from * $this->most, $this->most),
            );
        }

        return ['labels' => $this->labels, 'seen' => $seen, 'follows' => $follows, 'heat' => 1.0];
    }

    /**
     * @param list<int> $keys
     *
     * @return list<int>
     */
    private function shuffled(array $keys): array
    {
        for ($i = \count($keys) - 1; $i > 0; --$i) {
            $this->seed = ($this->seed * 1_103_515_245 + 12_345) % 2_147_483_648;
            $j = $this->seed % ($i + 1);
            [$keys[$i], $keys[$j]] = [$keys[$j], $keys[$i]];
        }

        return array_values($keys);
    }
}
