<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Quantity\Number;

/** So many pieces of meat as a recipe has them in the pot, from and to. */
final readonly class Pieces
{
    private const SIZE = '/(?<low>\d+(?:[.,]\d+)?|½|¾|1½|2½|\d+[\s-]\d\/\d|\d\/\d)\s*(?:-|–'
        .'|to)?\s*(?<high>\d+(?:[.,]\d+)?)?\s*-?\s*(?<unit>cm|mm|centimetres?|centimeters?|inch(?:es)?|in\.?|["”])(?![\p{L}])/iu';
    private const WORD_SIZE = '/\b(?<n>one|two|three|four|five|six)\s*-?\s*(?<unit>centimetres?|centimeters?|cm|inch(?:es)?)\b/iu';
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

    /** @return array{float, float}|null the edge or thickness of a piece that a text gives, cm, from and to */
    public static function sizeIn(string $words): ?array
    {
        if (!preg_match(self::SIZE, $words, $m, \PREG_UNMATCHED_AS_NULL) && !preg_match(self::WORD_SIZE, $words, $m)) {
            return null;
        }
        $factor = match (true) {
            str_starts_with(mb_strtolower($m['unit']), 'mm') => 0.1,
            str_starts_with(mb_strtolower($m['unit']), 'c') => 1.0,
            default => 2.54,
        };
        $low = Number::value($m['low'] ?? $m['n']) * $factor;
        $high = null === ($m['high'] ?? null) ? $low : Number::value($m['high']) * $factor;

        return $low > 0.4 && $high < 30 ? [$low, $high] : null;
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
