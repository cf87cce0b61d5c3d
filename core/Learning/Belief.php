<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * What a household knows of the factors on what is expected: of each cooker's heat and loss, of its own need of each cut, of
 * its eye for a cut's thickness. Jointly normal in their logarithms, so that what one cook tells of a sum of them is kept as
 * that, and parted by later ones.
 */
final readonly class Belief
{
    /** A mistake is forgotten and a cooker may age: mean and covariance go back to the prior by half in so many cooks. */
    private const HALF_LIFE_COOKS = 30.0;
    /** Nearer to 1 than this is not worth saying. */
    private const WORTH_SAYING = 0.02;
    /** As it is kept, rounded. */
    private const SAME = 1e-4;

    /**
     * @param array<string, float>                $means      of the logarithm, by factor
     * @param array<string, array<string, float>> $covariance
     * @param array<string, float>                $priors     standard deviation of the logarithm before any cook
     * @param array<string, int>                  $cooks      that have told of it
     * @param array<string, int>                  $surprises  cooks in a row that didn't fit what was known of it
     */
    private function __construct(
        public array $means, public array $covariance, public array $priors, public array $cooks, private array $surprises = [],
    ) {
    }

    public static function none(): self
    {
        return new self([], [], [], []);
    }

    /**
     * As it was kept; what doesn't fit together counts as not known.
     *
     * @param array<string, mixed> $kept
     */
    public static function kept(array $kept): self
    {
        $belief = self::none();
        foreach (\is_array($kept['factors'] ?? null) ? $kept['factors'] : [] as $factor => $one) {
            $numbers = \is_array($one) ? array_map(
                static fn (string $key): ?float => is_numeric($one[$key] ?? null) ? (float) $one[$key] : null,
                ['mean', 'sigma', 'prior', 'cooks'],
            ) : [null];
            if (!\in_array(null, $numbers, true) && $numbers[1] > 0 && $numbers[2] > 0 && is_finite((float) array_sum($numbers))) {
                $belief = $belief->told((string) $factor, (float) $numbers[0], (float) $numbers[1], (float) $numbers[2], (int) $numbers[3]);
            }
        }
        $covariance = $belief->covariance;
        foreach (\is_array($kept['correlations'] ?? null) ? $kept['correlations'] : [] as $a => $row) {
            foreach (\is_array($row) ? $row : [] as $b => $share) {
                [$a, $b] = [(string) $a, (string) $b];
                if ($a !== $b && isset($covariance[$a], $covariance[$b]) && is_numeric($share) && abs((float) $share) < 1) {
                    $covariance[$a][$b] = $covariance[$b][$a] = (float) $share * $belief->sigma($a) * $belief->sigma($b);
                }
            }
        }

        $surprises = [];
        foreach (\is_array($kept['surprises'] ?? null) ? $kept['surprises'] : [] as $factor => $count) {
            if (\is_int($count) && $count > 0 && isset($belief->means[(string) $factor])) {
                $surprises[(string) $factor] = $count;
            }
        }

        return new self($belief->means, $covariance, $belief->priors, $belief->cooks, $surprises);
    }

    /**
     * @return array{factors: array<string, array{mean: float, sigma: float, prior: float, cooks: int}>, correlations: array<string,
     *     array<string, float>>, surprises?: array<string, int>}
     */
    public function toKeep(): array
    {
        $factors = $correlations = [];
        foreach ($this->means as $a => $mean) {
            $factors[$a] = [
                'mean' => round($mean, 9), 'sigma' => round($this->sigma($a), 9), 'prior' => $this->priors[$a], 'cooks' => $this->cooks[$a],
            ];
            foreach ($this->covariance[$a] as $b => $both) {
                $share = $both / sqrt($this->covariance[$a][$a] * $this->covariance[$b][$b]);
                if ($a < $b && abs($share) > 1e-6) {
                    $correlations[$a][$b] = round($share, 9);
                }
            }
        }

        $surprises = [] === $this->surprises ? [] : ['surprises' => $this->surprises];

        return ['factors' => $factors, 'correlations' => $correlations, ...$surprises];
    }

    /** With a factor that nothing is known of yet, so uncertain at first; as it is where something is. */
    public function with(string $factor, float $priorSigma): self
    {
        return isset($this->means[$factor]) ? $this : $this->told($factor, 0.0, $priorSigma, $priorSigma, 0);
    }

    public function without(string $factor): self
    {
        $covariance = [];
        foreach ($this->covariance as $a => $row) {
            $covariance[$a] = array_diff_key($row, [$factor => 0.0]);
        }

        return new self(
            array_diff_key($this->means, [$factor => 0.0]), array_diff_key($covariance, [$factor => []]),
            array_diff_key($this->priors, [$factor => 0.0]), array_diff_key($this->cooks, [$factor => 0]),
            array_diff_key($this->surprises, [$factor => 0]),
        );
    }

    /** With what something else than a cook has changed since: each factor that is not as it was, as it is there. */
    public function asElsewhere(self $was, self $is): self
    {
        $belief = $this;
        foreach (array_keys([...$this->means, ...$is->means]) as $factor) {
            $same = isset($was->means[$factor]) === isset($is->means[$factor])
                && abs($was->mean($factor) - $is->mean($factor)) < self::SAME
                && abs($was->sigma($factor) - $is->sigma($factor)) < self::SAME;
            if ($same) {
                continue;
            }
            $belief = $belief->without($factor);
            if (isset($is->means[$factor])) {
                $belief = $belief->told(
                    $factor, $is->mean($factor), $is->sigma($factor), $is->priors[$factor], $is->cooks($factor),
                )->surprised($factor, $is->surprises($factor));
            }
        }

        return $belief;
    }

    /** How many cooks in a row didn't fit what was known of it. */
    public function surprises(string $factor): int
    {
        return $this->surprises[$factor] ?? 0;
    }

    public function surprised(string $factor, int $times): self
    {
        $surprises = array_diff_key($this->surprises, [$factor => 0]);

        return new self(
            $this->means, $this->covariance, $this->priors, $this->cooks, $times > 0 ? [...$surprises, $factor => $times] : $surprises,
        );
    }

    /** As little known as at first, around where it is thought to be. */
    public function reopened(string $factor): self
    {
        if (!isset($this->means[$factor])) {
            return $this;
        }
        $mean = $this->mean($factor);
        $surprises = $this->surprises($factor);

        return $this->without($factor)->told($factor, $mean, $this->priors[$factor], $this->priors[$factor], 0)
            ->surprised($factor, $surprises);
    }

    public function mean(string $factor): float
    {
        return $this->means[$factor] ?? 0.0;
    }

    public function sigma(string $factor): float
    {
        return sqrt($this->covariance[$factor][$factor] ?? 0.0);
    }

    /** Percent more or less than was thought at first, or null where it is next to nothing. */
    public function percent(string $factor): ?float
    {
        $change = exp($this->mean($factor)) - 1;

        return abs($change) < self::WORTH_SAYING ? null : 100 * $change;
    }

    public function cooks(string $factor): int
    {
        return $this->cooks[$factor] ?? 0;
    }

    public function together(string $a, string $b): float
    {
        return $this->covariance[$a][$b] ?? 0.0;
    }

    /**
     * After some sums of factors and what isn't kept of them (this animal, this piece) have turned out so.
     *
     * @param list<list<string>> $sums    the factors in each
     * @param list<float>        $besides variance of what isn't kept
     * @param list<float>        $moved   by how much the sums are more than was thought
     * @param Covariance         $left    of the sums
     */
    public function after(array $sums, array $besides, array $moved, Covariance $left): self
    {
        $before = $this->of($sums, $besides);
        $gains = [];
        foreach (array_keys($this->means) as $a) {
            $gains[$a] = $before->solve(array_map(fn (array $sum): float => $this->withAll($a, $sum), $sums));
        }
        $means = $covariance = [];
        foreach ($gains as $a => $gain) {
            $means[$a] = $this->means[$a] + array_sum(array_map(static fn (float $g, float $m): float => $g * $m, $gain, $moved));
            foreach ($gains as $b => $other) {
                $less = 0.0;
                foreach ($gain as $i => $g) {
                    foreach ($other as $j => $h) {
                        $less += $g * $h * ($before->rows[$i][$j] - $left->rows[$i][$j]);
                    }
                }
                $covariance[$a][$b] = $this->together($a, $b) - $less;
            }
        }

        return (new self($means, $covariance, $this->priors, $this->cooks, $this->surprises))->sound();
    }

    /**
     * Covariance of sums of factors and something besides.
     *
     * @param list<list<string>> $sums    the factors in each
     * @param list<float>        $besides variance of that, one for each
     */
    public function of(array $sums, array $besides): Covariance
    {
        $rows = [];
        foreach ($sums as $i => $one) {
            $row = [];
            foreach ($sums as $j => $other) {
                $row[] = array_sum(array_map(fn (string $a): float => $this->withAll($a, $other), $one)) + ($i === $j ? $besides[$i] : 0.0);
            }
            $rows[] = $row;
        }

        return new Covariance($rows);
    }

    /** @param list<string> $sum */
    private function withAll(string $factor, array $sum): float
    {
        return array_sum(array_map(fn (string $other): float => $this->together($factor, $other), $sum));
    }

    /** A factor that was measured by itself, with all that follows for the others. */
    public function measured(string $factor, float $mean, float $sigma): self
    {
        return $this->after([[$factor]], [0.0], [$mean - $this->mean($factor)], new Covariance([[$sigma ** 2]]));
    }

    /**
     * One cook's worth of forgetting.
     *
     * @param list<string> $factors that it told of
     */
    public function oneCookOn(array $factors): self
    {
        $keep = 2 ** (-1 / self::HALF_LIFE_COOKS);
        [$means, $covariance, $cooks] = [$this->means, $this->covariance, $this->cooks];
        foreach ($factors as $a) {
            $means[$a] *= $keep;
            $cooks[$a] = $this->cooks($a) + 1;
            foreach (array_keys($means) as $b) {
                $part = \in_array($b, $factors, true) ? $keep : sqrt($keep);
                $more = $a === $b ? (1 - $keep) * $this->priors[$a] ** 2 : 0.0;
                $covariance[$a][$b] = $covariance[$b][$a] = $part * $this->together($a, $b) + $more;
            }
        }

        return new self($means, $covariance, $this->priors, $cooks, $this->surprises);
    }

    private function told(string $factor, float $mean, float $sigma, float $prior, int $cooks): self
    {
        $covariance = $this->covariance;
        foreach (array_keys($this->means) as $other) {
            $covariance[$other][$factor] = $covariance[$factor][$other] = 0.0;
        }
        $covariance[$factor][$factor] = $sigma ** 2;

        return new self(
            [...$this->means, $factor => $mean], $covariance, [...$this->priors, $factor => $prior], [...$this->cooks, $factor => $cooks],
            $this->surprises,
        );
    }

    /** No variance of nothing or less, and none of more than twice the prior's, whatever a cook seems to tell. */
    private function sound(): self
    {
        $covariance = $this->covariance;
        foreach (array_keys($this->means) as $a) {
            $variance = min(max($covariance[$a][$a], 1e-6), 2 * $this->priors[$a] ** 2);
            $scale = sqrt($variance / max($covariance[$a][$a], 1e-12));
            foreach (array_keys($this->means) as $b) {
                if ($a !== $b && $scale < 1) {
                    $covariance[$a][$b] *= $scale;
                    $covariance[$b][$a] = $covariance[$a][$b];
                }
            }
            $covariance[$a][$a] = $variance;
        }

        return new self($this->means, $covariance, $this->priors, $this->cooks, $this->surprises);
    }
}
