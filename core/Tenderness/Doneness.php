<?php

declare(strict_types=1);

namespace Pausis\Core\Tenderness;

/** How far collagen has turned to gelatin, in the order the levels are reached. */
enum Doneness: string
{
    case Slices = 'slices';
    case Fork = 'fork';
    case Pulls = 'pulls';
    case Past = 'past';

    /** The share of a cut's need at which the level is reached. A cut may set its own for Past. */
    public function timesNeed(): float
    {
        return match ($this) {
            self::Slices => 0.8,
            self::Fork => 1.0,
            self::Pulls => 1.35,
            self::Past => 2.6,
        };
    }
}
