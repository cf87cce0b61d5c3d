<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;

/** Reads one sentence of a method. */
final readonly class StepReader
{
    /** From here on, a time is the braise itself and not a step on the way to it. */
    private const LONG_MINUTES = 40.0;
    /** Oven temperatures without a unit: no oven reaches this in °C and few recipes ask less in °F. */
    private const FAHRENHEIT_FROM = 255.0;
    private const WAITS = '/\b(soak|marinate|marinade|chill|overnight|fridge|refrigerat\w*|stand|cool|rest (?:for|it|them|the meat)'
        .'|dry-brine|before (?:you|serving)|defrost|thaw)\b/iu';
    private const LAST_PART = '/\b(?:for|in|during) the (?:last|final)\b|\b(?:before|from) the end\b|\blast (?:hour|half)\b/iu';
    private const PER_SIDE = '/\b(?:a|per|each|on each|on every|each of the|on both) sides?\b|\ball sides\b.{0,20}\beach\b/iu';
    private const HOB = '/\b(?<level>(?:very |really |fairly )?(?:low|lowest|gentle|medium[- ]low|medium[- ]high|medium|moderate|high'
        .'|highest|fierce|hot|lively)) (?:heat|flame|hob|ring|burner|simmer|boil)\b/iu';
    private const SETTING = '/\b(?:(?:on|to|at|turn(?:ed)? to|set to) (?:the )?(?<on>low|medium|high|warm)\b(?!\s+(?:heat|flame|hob|ring'
        .'|pressure|simmer|boil))|(?<named>low|medium|high|warm) setting)/iu';
    private const UNTIL = '/\b(?<until>(?:until|till|’til|\'til) [^.;,()]{3,120})/iu';
    private const VESSEL = '/\b(?<vessel>slow cooker|pressure cooker|casserole(?: dish)?|dutch oven|frying pan|sauté pan|saucepan'
        .'|stockpot|heavy pot|large pot|big pot|roasting tin|baking dish|tagine|wok|skillet|bowl|insert|pot|pan|oven|dish)\b/iu';
    private const GAS_MARK = '/\bgas\s*(?:mark\s*)?(?<mark>¼|½|\d{1,2})\b/iu';

    private string $duration;
    private string $plus;

    public function __construct(private Misheard $misheard)
    {
        $n = Number::pattern();
        $unit = '(?<unit>hours?|hrs?|h|minutes?|mins?|min|m)(?![\p{L}])';
        $this->duration = "/(?<![\p{L}\d.,])(?<low>$n)(?:\s*(?:-|–|—|to|or)\s*(?<high>$n))?\s*(?:more\s+|good\s+|full\s+)?$unit/iu";
        $this->plus = '/^\s*(?:and\s+)?(?:(?<half>a half|a quarter)|(?<minutes>\d{1,2})\s*(?:minutes?|mins?|m)?\b)/iu';
    }

    public function read(string $sentence, int $line): Step
    {
        $guess = $this->misheard->step($sentence);
        $meant = $guess->text ?? $sentence;
        $minutes = $this->minutes($meant);
        $method = Method::mentioned($meant);
        $long = null !== $minutes
            && $minutes['high'] >= self::LONG_MINUTES
            && !preg_match(self::WAITS, $meant)
            && !preg_match(self::LAST_PART, $meant);
        $cooker = Method::SlowCooker === $method || ($long && !preg_match(self::HOB, $meant));

        return new Step($line, $sentence, StepKind::of($meant, $long), $minutes, $this->celsius($meant), $method,
            (bool) preg_match(self::PER_SIDE, $meant),
            preg_match(self::HOB, $meant, $hob) ? self::hob($hob['level']) : null,
            $cooker && preg_match(self::SETTING, $meant, $m) ? mb_strtolower('' !== $m['on'] ? $m['on'] : $m['named']) : null,
            preg_match(self::UNTIL, $meant, $u) ? trim($u['until']) : null,
            preg_match(self::VESSEL, $meant, $v) ? mb_strtolower($v['vessel']) : null,
            [], $guess);
    }

    private static function hob(string $level): string
    {
        $level = str_replace(' ', '-', mb_strtolower($level));

        return match (true) {
            str_contains($level, 'medium-') => $level,
            str_contains($level, 'medium'), str_contains($level, 'moderate') => 'medium',
            str_contains($level, 'low'), str_contains($level, 'gentle') => 'low',
            default => 'high',
        };
    }

    /** @return array{low: float, high: float}|null the longest time the sentence names */
    public function minutes(string $sentence): ?array
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
        if (!preg_match('/\d{2,3}\s*°?\s*[cf]\b/iu', $sentence) && preg_match(self::GAS_MARK, $sentence, $gas)) {
            return match ($gas['mark']) {
                '¼' => 110.0,
                '½' => 120.0,
                default => (int) $gas['mark'] >= 1 && (int) $gas['mark'] <= 9 ? 121.0 + 14.0 * (int) $gas['mark'] : null,
            };
        }
        if (!preg_match(
            '/(?<![\d.,])(\d{2,3})\s*(?:°|º|degrees?)?\s*(c|f|celsius|fahrenheit|centigrade)?(?:\s*fan)?(?![\p{L}\d])(?!\s*(?:g|ml|min'
                .'|hour|kg))/iu',
            $sentence, $m, \PREG_UNMATCHED_AS_NULL,
        )
            || (!isset($m[2]) && !preg_match(
                '/oven|°|degrees|roast|bake|\b(?:at|to) (?:1[1-9]|2[0-6]|3[0-9]|4[0-5])[05]\b/iu', $sentence,
            ))) {
            return null;
        }
        $value = (float) $m[1];
        $fahrenheit = isset($m[2]) ? 'f' === strtolower($m[2][0]) : $value >= self::FAHRENHEIT_FROM;
        $celsius = $fahrenheit ? ($value - 32) / 1.8 : $value;

        return $celsius >= 70 && $celsius <= 300 ? $celsius : null;
    }
}
