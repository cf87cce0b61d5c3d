<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A length of at least nothing, stored in metres. */
final readonly class Length
{
    private function __construct(public float $metres)
    {
        Finite::atLeast(0.0, $metres, 'length');
    }

    public static function metres(float $metres): self
    {
        return new self($metres);
    }

    public static function centimetres(float $centimetres): self
    {
        return new self($centimetres / 100);
    }

    public function inCentimetres(): float
    {
        return $this->metres * 100;
    }
}
