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

    /**
     * @param array<string, float>                $means      of the logarithm, by factor
     * @param array<string, array<string, float>> $covariance
     * @param array<string, float>                $priors     standard deviation of the logarithm before any cook
     * @param array<string, int>                  $cooks      that have told of it
     */
    private function __construct(
        public array $means, public array $covariance, public array $priors, public array $cooks,
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

        return new self($belief->means, $covariance, $belief->priors, $belief->cooks);
    }

    /**
     * @return array{factors: array<string, array{mean: float, sigma: float, prior: float, cooks: int}>, correlations: array<string,
     *     array<string, float>>}
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

        return ['factors' => $factors, 'correlations' => $correlations];
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
        );
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
     * After some sums of a factor and what isn't kept of it (this animal, this piece) have turned out so.
     *
     * @param list<string> $factors one in each sum
     * @param list<float>  $besides variance of what isn't kept
     * @param list<float>  $moved   by how much the sums are more than was thought
     * @param Covariance   $left    of the sums
     */
    public function after(array $factors, array $besides, array $moved, Covariance $left): self
    {
        $before = $this->of($factors, $besides);
        $sums = $before->rows;
        $gains = [];
        foreach (array_keys($this->means) as $a) {
            $gains[$a] = $before->solve(array_map(fn (string $b): float => $this->together($a, $b), $factors));
        }
        $means = $covariance = [];
        foreach ($gains as $a => $gain) {
            $means[$a] = $this->means[$a] + array_sum(array_map(static fn (float $g, float $m): float => $g * $m, $gain, $moved));
            foreach ($gains as $b => $other) {
                $less = 0.0;
                foreach ($gain as $i => $g) {
                    foreach ($other as $j => $h) {
                        $less += $g * $h * ($sums[$i][$j] - $left->rows[$i][$j]);
                    }
                }
                $covariance[$a][$b] = $this->together($a, $b) - $less;
            }
        }

        return (new self($means, $covariance, $this->priors, $this->cooks))->sound();
    }

    /**
     * Covariance of sums of a factor and something besides.
     *
     * @param list<string> $factors
     * @param list<float>  $besides variance of that, one for each
     */
    public function of(array $factors, array $besides): Covariance
    {
        $sums = [];
        foreach ($factors as $i => $a) {
            $row = [];
            foreach ($factors as $j => $b) {
                $row[] = $this->together($a, $b) + ($i === $j ? $besides[$i] : 0.0);
            }
            $sums[] = $row;
        }

        return new Covariance($sums);
    }

    /** A factor that was measured by itself, with all that follows for the others. */
    public function measured(string $factor, float $mean, float $sigma): self
    {
        return $this->after([$factor], [0.0], [$mean - $this->mean($factor)], new Covariance([[$sigma ** 2]]));
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

        return new self($means, $covariance, $this->priors, $cooks);
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
        );
    }

    /** No variance of nothing or less, and no more than the prior's twice over, whatever a cook seems to tell. */
    private function sound(): self
    {
        $covariance = $this->covariance;
        foreach (array_keys($this->means) as $a) {
            $variance = min(max($covariance[$a][$a], 1e-6), 4 * $this->priors[$a] ** 2);
            $scale = sqrt($variance / max($covariance[$a][$a], 1e-12));
            foreach (array_keys($this->means) as $b) {
                if ($a !== $b && $scale < 1) {
                    $covariance[$a][$b] *= $scale;
                    $covariance[$b][$a] = $covariance[$a][$b];
                }
            }
            $covariance[$a][$a] = $variance;
        }

        return new self($this->means, $covariance, $this->priors, $this->cooks);
    }
}
