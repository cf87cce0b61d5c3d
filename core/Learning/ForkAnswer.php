<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Tenderness\Doneness;

/** What the fork says, from tight to too far. */
enum ForkAnswer: string
{
    case Resists = 'resists';
    case Gives = 'gives';
    case SlidesIn = 'slides-in';
    case FallsApart = 'falls-apart';

    /** Shares of the need from which each answer is the likelier one. */
    private const GIVES = 0.90;
    private const SLIDES = 0.97;
    private const FALLS = 1.30;
    /** How far apart forks and the places they are put in are, as a share of the need: the scale of a logistic distribution. */
    private const SCALE = 0.07;

    /** Whether meat that answers so has the texture. */
    public function reaches(Doneness $texture): bool
    {
        return match ($texture) {
            Doneness::Slices => self::Resists !== $this,
            Doneness::Fork => self::SlidesIn === $this || self::FallsApart === $this,
            Doneness::Pulls, Doneness::Past => self::FallsApart === $this,
        };
    }

    /**
     * Natural logarithm of the answer's probability when the dose is $share times the need; finite however unlikely.
     *
     * Ordered answers by cumulative logits (McCullagh 1980): of two answers the further one is never the likelier one of less tender meat,
     * so that no further answer makes anything later. The logistic distribution has the heaviest tails that keep this, and forgives a
     * wrong button best. Thresholds are estimates, docs/model.md §4.
     */
    public function logProbability(float $share): float
    {
        $below = static fn (float $threshold): float => -log1p(exp(($share - $threshold) / self::SCALE));
        $above = static fn (float $threshold): float => -log1p(exp(($threshold - $share) / self::SCALE));
        // F(b) − F(a) = F(b)·(1 − F(a))·(1 − e^((a − b)/s)): exact in the tails.
        $between = static fn (float $a, float $b): float => $above($a) + $below($b) + log(-expm1(($a - $b) / self::SCALE));

        return match ($this) {
            self::Resists => $below(self::GIVES),
            self::Gives => $between(self::GIVES, self::SLIDES),
            self::SlidesIn => $between(self::SLIDES, self::FALLS),
            self::FallsApart => $above(self::FALLS),
        };
    }
}
