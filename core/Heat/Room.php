<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Quantity\Temperature;

/** The kitchen: its air and its height above the sea. */
final readonly class Room
{
    public function __construct(public Temperature $temperature, public float $altitudeMetres = 0.0)
    {
    }

    /** Water's boiling point falls by 1 K for every 300 m. */
    public function boilingPoint(): Temperature
    {
        return Temperature::celsius(100 - $this->altitudeMetres / 300);
    }
}
