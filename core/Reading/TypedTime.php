<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Quantity\Number;

/** A time of day as cooks write and say it: 19:00, 7 pm, 7.30, 1900, quarter past seven, half six, noon. */
final class TypedTime
{
    private const PHRASES = ['noon' => '12:00', 'midday' => '12:00', 'midnight' => '00:00'];
    private const HOUR = '(?<hour>\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)';
    private const HALF_DAY = '\s*(?<half>a\.?m\.?|p\.?m\.?|in the morning|in the afternoon|in the evening|at night)?';

    /**
     * HH:MM, or null where it isn't understood.
     *
     * @param bool $evening an hour from one to eleven without more is taken for the afternoon or evening
     */
    public static function of(string $typed, bool $evening): ?string
    {
        $text = trim((string) preg_replace('/\s+/', ' ', mb_strtolower($typed)));
        $text = trim((string) preg_replace('/^(?:at|about|around)\s+|\s*(?:o\'?’?clock|h|hrs|uhr)$/u', '', $text));
        if (isset(self::PHRASES[$text])) {
            return self::PHRASES[$text];
        }
        if (preg_match('/^([01]\d|2[0-4]):?([0-5]\d)$/', $text, $m)) {
            return self::written((int) $m[1], (int) $m[2], null, false);
        }
        if (preg_match('/^'.self::HOUR.'(?:[:.h](?<minute>[0-5]\d))?'.self::HALF_DAY.'$/u', $text, $m)) {
            return self::written(self::number($m['hour']), (int) ($m['minute'] ?? 0), $m['half'] ?? null, $evening);
        }
        if (preg_match(
            '/^(?<part>half|(?:a )?quarter|\d{1,2}|five|ten|twenty(?:[ -]five)?) (?:minutes? )?(?<way>past|after|to|before) '
                .self::HOUR.self::HALF_DAY.'$/u',
            $text, $m,
        )
            || preg_match('/^(?<part>half) (?<way>)'.self::HOUR.self::HALF_DAY.'$/u', $text, $m)) {
            return self::fromPart(
                $m['part'], \in_array($m['way'], ['to', 'before'], true), self::number($m['hour']), $m['half'] ?? null, $evening,
            );
        }

        return null;
    }

    private static function fromPart(string $part, bool $before, int $hour, ?string $half, bool $evening): ?string
    {
        $minutes = match (true) {
            'half' === $part => 30,
            str_ends_with($part, 'quarter') => 15,
            default => (int) Number::value($part),
        };
        $whole = self::written($hour, 0, $half, $evening);
        if (null === $whole || $minutes < 1 || $minutes > 59) {
            return null;
        }

        [$hours, $past] = array_map(intval(...), explode(':', $whole));
        $total = (60 * $hours + $past + ($before ? -$minutes : $minutes) + 1440) % 1440;

        return \sprintf('%02d:%02d', intdiv($total, 60), $total % 60);
    }

    private static function number(string $written): int
    {
        return (int) Number::value($written);
    }

    private static function written(int $hour, int $minute, ?string $half, bool $evening): ?string
    {
        $half = (string) $half;
        $afternoon = '' === $half ? $evening && $hour >= 1 && $hour <= 11 : !str_starts_with($half, 'a') && 'in the morning' !== $half;
        if ('' !== $half && ($hour < 1 || $hour > 12)) {
            return null;
        }
        if ($afternoon && $hour < 12) {
            $hour += 12;
        } elseif ('' !== $half && !$afternoon && 12 === $hour) {
            $hour = 0;
        }

        return $hour > 24 || (24 === $hour && $minute > 0) ? null : \sprintf('%02d:%02d', $hour % 24, $minute);
    }
}
