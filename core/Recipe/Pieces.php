<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** So many pieces of meat as a recipe has them in the pot, from and to. */
final readonly class Pieces
{
    private const CUT_UP = '/\b(?:in(?:to)?|cut in(?:to)?)\s+(?<size>(?:\p{L}+\s+){0,2}?)(?<what>pieces|chunks|cubes|dice)\b/iu';
    /** What one of them usually weighs. */
    private const GRAMS = ['pieces' => 100.0, 'chunks' => 80.0, 'cubes' => 50.0, 'dice' => 25.0];

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

    /**
     * How many pieces of meat may be meant by "big pieces", "chunks" or "cubes" without a number; the first is one, as taken.
     *
     * @return list<int> empty where the line says nothing of the kind
     */
    public static function meantBy(string $source, float $grams): array
    {
        $each = 1 === preg_match(self::CUT_UP, $source, $m) ? self::GRAMS[mb_strtolower($m['what'])] : null;
        $each = null !== $each && 1 === preg_match('/big|large|chunky/iu', $m['size']) ? 2 * $each : $each;

        return null === $each || $grams < $each ? [] : array_values(array_unique(array_map(
            static fn (float $share): int => (int) max(1, round($share * $grams / $each)), [0.0, 0.6, 1.0, 1.6],
        )));
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
