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

    /** Whether meat that answers so has the texture. */
    public function reaches(Doneness $texture): bool
    {
        return match ($texture) {
            Doneness::Slices => self::Resists !== $this,
            Doneness::Fork => self::SlidesIn === $this || self::FallsApart === $this,
            Doneness::Pulls, Doneness::Past => self::FallsApart === $this,
        };
    }

    /** Probability of the answer when the dose is $share times the need. Estimates, docs/model.md §4. */
    public function probability(float $share): float
    {
        return match ($this) {
            self::Resists => Normal::cumulative((0.90 - $share) / 0.12),
            self::Gives => max(0.0, Normal::cumulative(($share - 0.78) / 0.12) - Normal::cumulative(($share - 1.05) / 0.12)),
            self::SlidesIn => Normal::cumulative(($share - 0.95) / 0.12),
            self::FallsApart => Normal::cumulative(($share - 1.30) / 0.15),
        };
    }
}
