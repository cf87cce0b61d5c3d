<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Quantity\Unit;

/** How much of something, as written: a range in one unit, or of things counted where the unit is null. 0 ≤ low ≤ high. */
final readonly class Amount
{
    /**
     * @param Unit|null $container what it comes in, where a size is written beside it: two 400 g tins are 800 g in 2 tins
     * @param float     $count     of containers
     */
    public function __construct(
        public float $low, public float $high, public ?Unit $unit, public ?Unit $container = null, public float $count = 1.0,
    ) {
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }

    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor, $this->unit, $this->container, $this->count * $factor);
    }
}
