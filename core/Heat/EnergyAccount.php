<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

/** Where the heat of one simulated cook went, in joules. Conservation: in = lost + steam + stored. */
final readonly class EnergyAccount
{
    public function __construct(
        public float $in,
        public float $lostToRoom,
        public float $leftAsSteam,
        public float $storedInPot,
        public float $storedInMeat,
    ) {
    }

    /** What is unaccounted for, as a share of what came in. */
    public function imbalance(): float
    {
        return abs($this->in - $this->lostToRoom - $this->leftAsSteam - $this->storedInPot - $this->storedInMeat) / max(1.0, $this->in);
    }
}
