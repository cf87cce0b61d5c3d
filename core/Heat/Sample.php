<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

/** A simulated pot at one moment: °C, and the dose in hours at 90 °C. */
final readonly class Sample
{
    public function __construct(public float $potCelsius, public float $coreCelsius, public float $dose)
    {
    }
}
