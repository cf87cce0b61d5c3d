<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A power of at least nothing, stored in watts. */
final readonly class Power
{
    private function __construct(public float $watts)
    {
        Finite::atLeast(0.0, $watts, 'power');
    }

    public static function watts(float $watts): self
    {
        return new self($watts);
    }
}
