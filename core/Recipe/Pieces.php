<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** So many pieces of meat as a recipe has them in the pot, from and to. */
final readonly class Pieces
{
    private function __construct(public float $low, public float $high)
    {
    }

    public static function between(float $low, float $high): self
    {
        return new self(min($low, $high), max($low, $high));
    }

    public static function exactly(float $number): self
    {
        return new self($number, $number);
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
