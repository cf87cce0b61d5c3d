<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/** Something in the pot that mixes with it at once: liquid, vegetables, beans. */
final readonly class Content
{
    /** @param float $specificHeat J/kg·K */
    public function __construct(public Mass $mass, public float $specificHeat, public Temperature $temperature)
    {
    }

    /** J/K */
    public function heatCapacity(): float
    {
        return $this->mass->kilograms * $this->specificHeat;
    }
}
