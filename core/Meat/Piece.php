<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

/**
 * One piece of meat as a brick of half-dimensions a ≤ b ≤ c, in metres.
 *
 * Heat enters along a one-dimensional path from the surface to the core whose cross-section grows as r^(E−1);
 * E = 1 for a wide slab, 2 for a long bar, 3 for a cube (docs/model.md §2).
 */
final readonly class Piece
{
    public const DENSITY = 1050.0;

    private function __construct(public float $a, public float $b, public float $c)
    {
    }

    /**
     * @param float                    $volume m³ of meat, without bone
     * @param array{float,float,float} $form   proportions, smallest first
     */
    public static function ofForm(float $volume, array $form): self
    {
        $unit = ($volume / (8 * $form[0] * $form[1] * $form[2])) ** (1 / 3);

        return new self($unit * $form[0], $unit * $form[1], $unit * $form[2]);
    }

    /** From its half-dimensions in metres, smallest first. */
    public static function ofSides(float $a, float $b, float $c): self
    {
        return new self($a, $b, $c);
    }

    /** The same volume with half-thickness $a; the other two keep their proportion to each other. */
    public function withHalfThickness(float $a): self
    {
        $stretch = sqrt($this->a / $a);

        return new self($a, $this->b * $stretch, $this->c * $stretch);
    }

    /** Heat's way to the core made longer, where bone covers one side, without changing the piece's mass. */
    public function shieldedByBone(float $factor): self
    {
        return 1.0 === $factor ? $this : $this->withHalfThickness($this->a * $factor);
    }

    public function volume(): float
    {
        return 8 * $this->a * $this->b * $this->c;
    }

    public function dimensionality(): float
    {
        return 1 + ($this->a / $this->b) ** 2 + ($this->a / $this->c) ** 2;
    }

    /** Area it covers lying flat, m². */
    public function footprint(): float
    {
        return 4 * $this->b * $this->c;
    }
}
