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

    /** Share of answers that mean nothing: the wrong button, bone or fat under the fork. */
    private const MISTAKEN = 0.05;

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
     * Estimates, docs/model.md §4.
     */
    public function logProbability(float $share): float
    {
        $meant = match ($this) {
            self::Resists => Normal::logCumulative((0.90 - $share) / 0.12),
            // Past "resists" and not yet "slides in": as good as the difference of the two, and exact in the tails.
            self::Gives => Normal::logCumulative(($share - 0.78) / 0.12) + Normal::logCumulative((1.05 - $share) / 0.12),
            self::SlidesIn => Normal::logCumulative(($share - 0.95) / 0.12),
            self::FallsApart => Normal::logCumulative(($share - 1.30) / 0.15),
        };

        return log((1 - self::MISTAKEN) * exp($meant) + self::MISTAKEN / \count(self::cases()));
    }
}
