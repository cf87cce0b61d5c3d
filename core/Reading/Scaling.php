<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Quantity\Number;

/** Amounts as written, for more or for fewer: their numbers times a factor, as finely as a kitchen measures. */
final readonly class Scaling
{
    /** Further than this a recipe is another one. */
    public const LEAST = 0.1;
    public const MOST = 10.0;
    private const FINE = '/^\s*(?:kg|kilos?|kilograms?|l|litres?|liters?|lbs?|pounds?|dl|cl)\b/iu';
    private const COARSE = '/^\s*(?:g|gr|grams?|ml|millilitres?|milliliters?)\b/iu';
    /** "2 x 400 g tins", "1 tin (400 g)": only how many there are changes. */
    private const OF_A_SIZE = '/\d\s*[x×]\s*\d|\(\s*\d/iu';
    private const QUARTERS = ['', '¼', '½', '¾'];

    public function __construct(public float $factor)
    {
    }

    /** What has no number, a pinch or to taste, stays as it is. */
    public function amount(string $written): string
    {
        $number = Number::pattern();
        $count = preg_match(self::OF_A_SIZE, $written) ? 1 : -1;
        $scaled = preg_replace_callback(
            "/(?<![\\p{L}\\d])(?<n>$number)(?<rest>(?:\\s*(?:-|–|—|to|or)\\s*(?:$number))?[^\\d½¼¾⅓⅔]{0,14})/iu",
            fn (array $m): string => $this->number(Number::value($m['n']), $this->unitOf($m['rest'])).$this->rest($m['rest'], $number),
            $written, $count,
        );

        return $scaled ?? $written;
    }

    /** The other end of a range. */
    private function rest(string $rest, string $number): string
    {
        return (string) preg_replace_callback(
            "/^(?<to>\\s*(?:-|–|—|to|or)\\s*)(?<n>$number)/iu",
            fn (array $m): string => $m['to'].$this->number(Number::value($m['n']), $this->unitOf($rest)), $rest,
        );
    }

    private function unitOf(string $rest): string
    {
        return (string) preg_replace('/^\s*(?:-|–|—|to|or)\s*[\d.,½¼¾⅓⅔\/ ]+/iu', '', $rest);
    }

    private function number(float $value, string $unit): string
    {
        $scaled = $value * $this->factor;
        if (preg_match(self::FINE, $unit)) {
            return (string) round($scaled, 2);
        }
        if (preg_match(self::COARSE, $unit)) {
            return (string) ($scaled >= 100 ? 5 * round($scaled / 5) : max(1.0, round($scaled)));
        }
        $quarters = (int) max(1, round(4 * $scaled));
        $whole = intdiv($quarters, 4);

        return (0 === $whole ? '' : (string) $whole).self::QUARTERS[$quarters % 4];
    }
}
