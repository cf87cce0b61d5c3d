<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** A time as a recipe gives it, from and to. */
final readonly class Minutes
{
    private function __construct(public float $low, public float $high)
    {
    }

    /** In either order. */
    public static function between(float $one, float $other): self
    {
        return new self(min($one, $other), max($one, $other));
    }

    public static function exactly(float $minutes): self
    {
        return new self($minutes, $minutes);
    }

    /** @param array{low: float, high: float}|null $range */
    public static function of(?array $range): ?self
    {
        return null === $range ? null : self::between($range['low'], $range['high']);
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }

    public function plus(self $more): self
    {
        return new self($this->low + $more->low, $this->high + $more->high);
    }

    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor);
    }
}
