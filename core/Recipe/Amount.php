<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** How much of something, as written: a range in one unit, or of things counted where the unit is null. 0 ≤ low ≤ high. */
final readonly class Amount
{
    public function __construct(public float $low, public float $high, public ?Unit $unit)
    {
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
