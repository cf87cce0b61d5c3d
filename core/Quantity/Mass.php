<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** A mass of at least nothing, stored in kilograms. */
final readonly class Mass
{
    private function __construct(public float $kilograms)
    {
        Finite::atLeast(0.0, $kilograms, 'mass');
    }

    public static function kilograms(float $kilograms): self
    {
        return new self($kilograms);
    }

    public static function grams(float $grams): self
    {
        return new self($grams / 1000);
    }

    public function inGrams(): float
    {
        return $this->kilograms * 1000;
    }

    public function times(float $factor): self
    {
        return new self($this->kilograms * $factor);
    }
}
