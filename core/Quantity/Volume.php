<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A volume of at least nothing, stored in cubic metres. */
final readonly class Volume
{
    private function __construct(public float $cubicMetres)
    {
        Finite::atLeast(0.0, $cubicMetres, 'volume');
    }

    public static function litres(float $litres): self
    {
        return new self($litres / 1000);
    }

    public static function millilitres(float $millilitres): self
    {
        return new self($millilitres / 1e6);
    }

    public function inLitres(): float
    {
        return $this->cubicMetres * 1000;
    }

    public function inMillilitres(): float
    {
        return $this->cubicMetres * 1e6;
    }
}
