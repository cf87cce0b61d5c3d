<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Recipe\Internal\Number;

/** Reads one sentence of a method. */
final readonly class StepReader
{
    /** From here on, a time is the braise itself and not a step on the way to it. */
    private const LONG_MINUTES = 40.0;
    /** Oven temperatures without a unit: no oven reaches this in °C and few recipes ask less in °F. */
    private const FAHRENHEIT_FROM = 255.0;

    private string $duration;
    private string $plus;

    public function __construct()
    {
        $n = Number::pattern();
        $unit = '(?<unit>hours?|hrs?|h|minutes?|mins?|min|m)(?![\p{L}])';
        $this->duration = "/(?<![\p{L}\d.,])(?<low>$n)(?:\s*(?:-|–|—|to|or)\s*(?<high>$n))?\s*(?:more\s+)?$unit/iu";
        $this->plus = '/^\s*(?:and\s+)?(?:(?<half>a half|a quarter)|(?<minutes>\d{1,2})\s*(?:minutes?|mins?|m)?\b)/iu';
    }

    public function read(string $sentence, int $line): Step
    {
        $minutes = $this->minutes($sentence);
        $celsius = $this->celsius($sentence);
        $method = Method::mentioned($sentence);
        $long = null !== $minutes && $minutes['high'] >= self::LONG_MINUTES
            && !preg_match('/\b(soak|marinate|chill|overnight|fridge|stand)\b/iu', $sentence);

        return new Step($line, $sentence, StepKind::of($sentence, $long), $minutes, $celsius, $method);
    }

    /** @return array{low: float, high: float}|null the longest time the sentence names */
    private function minutes(string $sentence): ?array
    {
        preg_match_all($this->duration, $sentence, $all, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL);
        $longest = null;
        foreach ($all as $m) {
            $hours = 'h' === strtolower((string) $m['unit'][0])[0];
            $low = Number::value((string) $m['low'][0]);
            $high = null === $m['high'][0] ? $low : Number::value($m['high'][0]);
            $extra = 0.0;
            if ($hours && preg_match($this->plus, substr($sentence, $m[0][1] + \strlen((string) $m[0][0])), $p, \PREG_UNMATCHED_AS_NULL)) {
                $extra = match ($p['half'] ?? null) {
                    'a half' => 30.0,
                    'a quarter' => 15.0,
                    default => (float) ($p['minutes'] ?? 0),
                };
            }
            $factor = $hours ? 60 : 1;
            $found = ['low' => min($low, $high) * $factor + $extra, 'high' => max($low, $high) * $factor + $extra];
            if (null === $longest || $found['high'] > $longest['high']) {
                $longest = $found;
            }
        }

        return $longest;
    }

    private function celsius(string $sentence): ?float
    {
        if (!preg_match('/(?<![\d.,])(\d{2,3})\s*(?:°|º|degrees)?\s*(c|f|celsius|fahrenheit)?(?![\p{L}\d])(?!\s*(?:g|ml|min|hour|kg))/iu', $sentence, $m, \PREG_UNMATCHED_AS_NULL)
            || (!isset($m[2]) && !preg_match('/oven|°|degrees/iu', $sentence))) {
            return null;
        }
        $value = (float) $m[1];
        $fahrenheit = isset($m[2]) ? 'f' === strtolower($m[2][0]) : $value >= self::FAHRENHEIT_FROM;
        $celsius = $fahrenheit ? ($value - 32) / 1.8 : $value;

        return $celsius >= 70 && $celsius <= 300 ? $celsius : null;
    }
}
