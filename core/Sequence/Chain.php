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
        $per = self::SCALE * $this->heat;
        $moves = array_map(static fn (array $row): array => array_map(static fn (int $w): float => exp($w / $per), $row), $this->follows);
        $here = array_map(fn (array $observed): array => $this->potentials($observed, $per), $sequence);

        return ForwardBackward::over($here, $moves)->marginals;
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
}
