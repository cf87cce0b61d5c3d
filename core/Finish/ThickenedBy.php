<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

/** How a sauce gets its body; one can be exchanged for another. */
enum ThickenedBy: string
{
    /** Stirred into cold liquid, at the end. */
    case Starch = 'starch';
    /** Kneaded with as much butter. */
    case FlourAndButter = 'flour-and-butter';
    /** Boiled down; no starch. */
    case BoilingDown = 'boiling-down';
    /** With the vegetables that are in it; no starch. */
    case Blending = 'blending';

    public function usesStarch(): bool
    {
        return self::Starch === $this || self::FlourAndButter === $this;
    }
}
