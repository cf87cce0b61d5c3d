<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

/** Oven temperatures, with and without a unit, gas marks and ranges; of "150 °C/fan 130 °C" the first. */
final class Temperatures
{
    /** Without a unit: no oven reaches this in °C and few recipes ask less in °F. */
    private const FAHRENHEIT_FROM = 255.0;
    private const NUMBER = '/(?<![\d.,])(?<low>\d{2,3})(?:\s*(?:°|º|degrees?)?\s*(?:c|f)?\s*(?:-|–|to)\s*(?<high>\d{2,3}))?\s*(?<mark>°|º'
        .'|degrees?)?\s*(?<unit>c|f|celsius|fahrenheit|centigrade)?(?![\p{L}\d])(?!\s*(?:g|ml|min|hour|kg|cm|mm|cal|h\b|%))/iu';
    private const GAS = '/\b(?:gas|regulo)\s*(?:mark\s*)?(?<mark>¼|½|\d{1,2})\b/iu';
    private const SAID = '/\b(?<hundred>one|two|three|a)(?:\s+hundred(?:\s+and)?)?\s+(?<rest>ten|twenty|thirty|forty|fifty|sixty|seventy'
        .'|eighty|ninety)(?:[\s-]+(?<five>five))?\b(?=.{0,24}\b(?:degrees?|oven|fan)\b)|(?<=\boven at |\boven to |\boven )(?<h2>one|a|two'
        .'|three)(?:\s+hundred)?(?:\s+and)?\s+(?<r2>ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\b'
        .'|\b(?<h3>two|three|four)\s+hundred\b(?=\s+(?:degrees?|fahrenheit|celsius)\b)/iu';
    private const TENS = [
        'ten' => 10, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80,
        'ninety' => 90,
    ];
    /** Ovens as they are called, and what a dial would say. */
    private const OVENS = [
        'very (?:slow|cool|low)' => 120.0, '(?:moderately|fairly) (?:slow|cool)|very moderate|slow to moderate' => 165.0,
        '(?:moderately|fairly) (?:hot|quick)' => 200.0, 'very hot' => 240.0, 'slow|cool|low' => 150.0, 'moderate|medium' => 180.0,
        'hot|quick|brisk' => 220.0,
    ];
    private const OVEN = '/oven|°|º|degrees|roast|bake|\bfan\b|\b(?:at|to|on) (?:1[1-9]|2[0-6]|3[0-9]|4[0-5])[05]\b/iu';

    /** @return array{float, float}|null °C, from and to */
    public static function in(string $text): ?array
    {
        preg_match_all(self::NUMBER, $text, $all, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
        $bare = preg_match(self::OVEN, $text);
        foreach ($all as $m) {
            if ((null === $m['unit'] && null === $m['mark'] && !$bare) || preg_match(
                '/'.preg_quote(trim($m[0]), '/').'[^.;,\d|]{0,24}\b(?:inside|core(?! ?[>≥])|internal|middle|thermometer|thickest)'
                    .'|\b(?:inside|core|internal|thermometer)\b[^.;,\d|]{0,16}'.preg_quote(trim($m[0]), '/').'/iu', $text,
            )) {
                continue;
            }
            $fahrenheit = null !== $m['unit'] ? 'f' === strtolower($m['unit'][0]) : (float) $m['low'] >= self::FAHRENHEIT_FROM;
            $celsius = static fn (string $value): float => $fahrenheit ? ((float) $value - 32) / 1.8 : (float) $value;
            $low = $celsius($m['low']);
            $high = $celsius($m['high'] ?? $m['low']);
            if ($low >= 70 && $high <= 300 && $high >= $low) {
                return [$low, $high];
            }
        }
        if (preg_match(self::GAS, $text, $m)) {
            $mark = match ($m['mark']) {
                '¼' => 110.0, '½' => 120.0,
                default => (int) $m['mark'] >= 1 && (int) $m['mark'] <= 9 ? 121.0 + 14.0 * (int) $m['mark'] : null
            };

            return null === $mark ? null : [$mark, $mark];
        }
        if (preg_match(self::SAID, $text, $m, \PREG_UNMATCHED_AS_NULL)) {
            $hundreds = match (mb_strtolower($m['hundred'] ?? $m['h2'] ?? $m['h3'] ?? 'one')) {
                'two' => 200, 'three' => 300, 'four' => 400, default => 100
            };
            $tens = self::TENS[mb_strtolower($m['rest'] ?? $m['r2'] ?? '')] ?? 0;
            $value = (float) ($hundreds + $tens + (null === ($m['five'] ?? null) ? 0 : 5));
            $value = $value >= self::FAHRENHEIT_FROM ? ($value - 32) / 1.8 : $value;

            return $value >= 70 && $value <= 300 ? [$value, $value] : null;
        }
        foreach (self::OVENS as $words => $celsius) {
            if (preg_match("/\b(?:$words)\s+oven\b/iu", $text)) {
                return [$celsius, $celsius];
            }
        }

        return null;
    }
}
