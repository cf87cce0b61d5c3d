<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\TypedTime;

/** Habits as written, one a line: "Mon to Fri 8:10 to 17:20", "Tue, Thu 18:00–19:30 busy", "weekends 10 to 12". */
final class TypedHabits
{
    public const MOST_LINES = 20;
    private const DAY = 'mon|tue|wed|thu|fri|sat|sun';
    private const GROUPS = [
        'weekday' => [1, 2, 3, 4, 5], 'working day' => [1, 2, 3, 4, 5], 'weekend' => [6, 7], 'every day' => [1, 2, 3, 4, 5, 6, 7],
        'daily' => [1, 2, 3, 4, 5, 6, 7],
    ];
    private const TO = '\s*(?:-|–|—|\bto\b|\btill?\b|\buntil\b)\s*';

    /** @return list<Habit> those that are understood; the others are problems at $path, with their line */
    public static function read(string $typed, string $path, Problems $problems): array
    {
        $lines = array_values(array_filter(
            array_map(trim(...), preg_split('/[\n;]/', $typed) ?: []), static fn (string $line): bool => '' !== $line,
        ));
        if (\count($lines) > self::MOST_LINES) {
            $problems->add('too-many', $path, ['limit' => self::MOST_LINES]);
        }
        $habits = [];
        foreach (\array_slice($lines, 0, self::MOST_LINES) as $line) {
            $habit = self::habit(mb_strtolower($line));
            if (null === $habit) {
                $problems->add('habit-not-understood', $path, ['typed' => mb_substr($line, 0, 60)]);
            } else {
                $habits[] = $habit;
            }
        }

        return $habits;
    }

    private static function habit(string $line): ?Habit
    {
        // Possessive: what was a day is never tried as anything else.
        $day = '(?:working days?|weekdays?|weekends?|every ?day|daily|(?:'.self::DAY.')[a-z]*+)';
        $days = $day.'(?:(?:\s*(?:,|&|\band\b)\s*|'.self::TO.')'.$day.')*+';
        if (!preg_match(
            "/^(?<days>$days)\\s*:?\\s*(?:from\\s+)?(?<from>\\S.*?)".self::TO
                .'(?<to>\S.*?)(?:[\s,]+(?<where>away|out|not home|busy|at home,? busy))?$/u',
            $line, $m,
        )) {
            return null;
        }
        $found = self::days($m['days']);
        $from = TypedTime::of($m['from'], false);
        $to = TypedTime::of($m['to'], true);
        if ([] === $found || null === $from || null === $to) {
            return null;
        }
        $to = $to > $from ? $to : (string) TypedTime::of($m['to'], false);

        return $to === $from
            ? null
            : new Habit($found, $from, $to, str_contains($m['where'] ?? '', 'busy') ? Whereabouts::Busy : Whereabouts::Away);
    }

    /** @return list<int> */
    private static function days(string $written): array
    {
        $days = [];
        foreach (preg_split('/\s*(?:,|&|\band\b)\s*/u', trim($written)) ?: [] as $part) {
            foreach (self::GROUPS as $word => $group) {
                if (preg_match('/^'.str_replace(' ', ' ?', $word).'s?$/', $part)) {
                    array_push($days, ...$group);
                }
            }
            if (preg_match('/^('.self::DAY.')[a-z]*(?:'.self::TO.'('.self::DAY.')[a-z]*)?$/u', $part, $m)) {
                $first = self::number($m[1]);
                $last = self::number($m[2] ?? $m[1]);
                for ($day = $first;; $day = $day % 7 + 1) {
                    $days[] = $day;
                    if ($day === $last) {
                        break;
                    }
                }
            }
        }
        $days = array_values(array_unique($days));
        sort($days);

        return $days;
    }

    private static function number(string $day): int
    {
        return 1 + (int) array_search($day, explode('|', self::DAY), true);
    }
}
