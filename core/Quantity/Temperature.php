<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A temperature above absolute zero, stored in degrees Celsius. */
final readonly class Temperature
{
    private function __construct(public float $celsius)
    {
        Finite::atLeast(-273.15, $celsius, 'temperature');
    }

    public static function celsius(float $celsius): self
    {
        return new self($celsius);
    }
}
