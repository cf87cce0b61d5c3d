<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * What is known of the logarithm of a factor – a cooker's heat, a cut's need in this house – after some cooks.
 *
 * It begins at the prior and decays back toward it with a half-life of ten cooks, so that an old mistake is forgotten
 * and a cooker may age.
 */
final readonly class Posterior
{
    private const HALF_LIFE_COOKS = 10.0;
    /** However much was seen, the next cow is another cow. */
    private const LEAST_SIGMA_SHARE = 0.35;
    /** Nearer to 1 than this is not worth saying. */
    private const WORTH_SAYING = 0.02;

    private function __construct(public float $mean, public float $sigma, public int $cooks, private float $priorSigma)
    {
    }

    public static function prior(float $sigma): self
    {
        return new self(0.0, $sigma, 0, $sigma);
    }

    /** As it was kept: mean and standard deviation of the logarithm, after so many cooks. */
    public static function kept(float $mean, float $sigma, int $cooks, float $priorSigma): self
    {
        return new self($mean, $sigma, $cooks, $priorSigma);
    }

    /** After one more cook, whose ensemble ended so. The members must have been drawn from this posterior. */
    public function after(Outcome $outcome, LearnedFactor $factor): self
    {
        $mean = $square = 0.0;
        foreach ($outcome->members as $i => $member) {
            $log = log($factor->of($member));
            $mean += $outcome->weights[$i] * $log;
            $square += $outcome->weights[$i] * $log ** 2;
        }
        $sigma = sqrt(max(0.0, $square - $mean ** 2));

        return (new self(
            $this->mean + $mean, max($sigma, self::LEAST_SIGMA_SHARE * $this->priorSigma), $this->cooks + 1, $this->priorSigma,
        ))->decayed();
    }

    /** The factor to put on the best guess; the spread to draw the next ensemble with is `sigma`. */
    public function factor(): float
    {
        return exp($this->mean);
    }

    /** Percent more or less than was thought at first, or null where it is next to nothing. */
    public function percent(): ?float
    {
        $change = $this->factor() - 1;

        return abs($change) < self::WORTH_SAYING ? null : 100 * $change;
    }

    /** One cook's worth of forgetting: mean and variance move toward the prior's. */
    private function decayed(): self
    {
        $keep = 2 ** (-1 / self::HALF_LIFE_COOKS);
        $variance = $keep * $this->sigma ** 2 + (1 - $keep) * $this->priorSigma ** 2;

        return new self($keep * $this->mean, min($this->priorSigma, sqrt($variance)), $this->cooks, $this->priorSigma);
    }
}
