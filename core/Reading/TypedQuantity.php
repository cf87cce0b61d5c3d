<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Number;

/** One measure as a cook types it into a field: "2½ lb", "1,3 kg", "3 lb 4 oz", "9 cm", "41 F". */
final class TypedQuantity
{
    private const KILOGRAMS = ['kg|kgs|kilos?' => 1.0, 'g|gr|grams?' => 0.001, 'lbs?|pounds?' => 0.45359, 'oz|ounces?' => 0.02835];
    private const CENTIMETRES = ['cm' => 1.0, 'mm' => 0.1, 'in|inch|inches|"|″' => 2.54];
    private const MILLILITRES = [
        'ml' => 1.0, 'cl' => 10.0, 'dl' => 100.0, 'l|litres?|liters?' => 1000.0, 'cups?' => 240.0, 'fl\.? ?oz' => 29.57, 'pints?' => 568.0,
        'qt|quarts?' => 946.4, 'tbsp' => 15.0,
    ];
    private const HOURS = ['h|hrs?|hours?' => 1.0, 'm|min|mins|minutes?' => 1 / 60];

    public static function kilograms(string $typed, string $path, Problems $problems): ?float
    {
        return self::sum($typed, self::KILOGRAMS, 'mass-not-understood', $path, $problems);
    }

    public static function centimetres(string $typed, string $path, Problems $problems): ?float
    {
        return self::sum($typed, self::CENTIMETRES, 'length-not-understood', $path, $problems);
    }

    public static function millilitres(string $typed, string $path, Problems $problems): ?float
    {
        return self::sum($typed, self::MILLILITRES, 'volume-not-understood', $path, $problems);
    }

    /** "30 min", "-20 min", "1 h 15"; a number alone is minutes. Hours, less than nought with a minus; 0 where nothing is typed. */
    public static function hoursMoreOrLess(string $typed, string $path, Problems $problems): ?float
    {
        $isLess = 1 === preg_match('/^\s*[-−]/u', $typed);
        $bare = (string) preg_replace('/^\s*[-−+]?\s*/u', '', $typed);
        $hours = '' === $bare ? 0.0 : self::hours(preg_match('/^\d+\s*$/', $bare) ? "$bare min" : $bare, $path, $problems);

        return null === $hours ? null : ($isLess ? -$hours : $hours);
    }

    /**
     * What is left of a sauce: a volume, a mass on the scales, or how high it stands.
     *
     * @param callable(float): float $standing mL, of a height in m
     *
     * @return float|null mL
     */
    public static function sauce(string $typed, callable $standing, string $path, Problems $problems): ?float
    {
        $units = '(?<unit>k?g|grams?|oz|ounces?|lbs?|pounds?|cm|mm|in|inch(?:es)?|["”])';
        if (!preg_match('/^\s*(?:about\s+)?(?<number>'.Number::pattern().')\s*'.$units.'\.?\s*(?:deep|high)?\s*$/iu', $typed, $m)) {
            return self::millilitres($typed, $path, $problems);
        }
        $value = Number::value($m['number']);

        return match (true) {
            1 === preg_match('/^(?:cm|mm)$/iu', $m['unit']) => $standing($value / ('mm' === strtolower($m['unit']) ? 1000 : 100)),
            1 === preg_match('/^(?:in|["”])/iu', $m['unit']) => $standing(0.0254 * $value),
            // A sauce weighs a gram a millilitre, near enough.
            1 === preg_match('/^kg$/iu', $m['unit']) => 1000 * $value,
            1 === preg_match('/^(?:oz|ounce)/iu', $m['unit']) => 28.35 * $value,
            1 === preg_match('/^(?:lb|pound)/iu', $m['unit']) => 453.6 * $value,
            default => $value,
        };
    }

    public static function hours(string $typed, string $path, Problems $problems): ?float
    {
        // "3 h 30", as it is written here.
        if (preg_match('/^\s*(\d{1,2})\s*h\s*([0-5]\d)\s*$/iu', $typed, $m)) {
            return (int) $m[1] + (int) $m[2] / 60;
        }

        return self::sum($typed, self::HOURS, 'hours-not-understood', $path, $problems);
    }

    /** Degrees Celsius; Fahrenheit where F is written. */
    public static function celsius(string $typed, string $path, Problems $problems): ?float
    {
        if (!preg_match('/^\s*(-|−)?\s*('.Number::pattern().')\s*°?\s*(c|f|celsius|fahrenheit)?\s*$/iu', $typed, $m)) {
            $problems->add('temperature-not-understood', $path, ['typed' => $typed]);

            return null;
        }
        $value = ('' === $m[1] ? 1 : -1) * Number::value($m[2]);

        return 'f' === strtolower(($m[3] ?? 'c')[0]) ? ($value - 32) / 1.8 : $value;
    }

    /** @param array<string, float> $units spelling pattern to factor; a bare number takes the first */
    private static function sum(string $typed, array $units, string $code, string $path, Problems $problems): ?float
    {
        $typed = trim($typed);
        $number = Number::pattern();
        if (preg_match("/^$number$/iu", $typed)) {
            return Number::value($typed) * reset($units);
        }
        $any = implode('|', array_keys($units));
        if (mb_strlen($typed) > 60 || !preg_match("/^(?:\s*$number\s*(?:$any)\.?\s*(?:,|and)?)+$/iu", $typed)) {
            $problems->add($code, $path, ['typed' => mb_substr($typed, 0, 60)]);

            return null;
        }
        preg_match_all("/($number)\s*($any)(?![\p{L}])/iu", $typed, $parts, \PREG_SET_ORDER);
        $total = 0.0;
        foreach ($parts as [, $value, $word]) {
            foreach ($units as $spelling => $factor) {
                if (preg_match("/^(?:$spelling)$/iu", $word)) {
                    $total += Number::value($value) * $factor;
                    break;
                }
            }
        }

        return $total;
    }
}
