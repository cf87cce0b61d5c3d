<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Batches;
use Pausis\Core\Recipe\Minutes;

/** How long something is in the pan where a clause gives several times: one side and then the other, the edges, what comes later. */
final readonly class Frying
{
    /** "8 minutes, then 2 minutes on the other side", "15 mins, 5 mins more" */
    private const GOES_ON = '/^\s*(?:more|longer|further|(?:on|for) (?:the |its |their )?(?:other|second|flesh|skin|cut|meat)\b)/iu';
    private const ANOTHER = '/\b(?:another|a further|then(?: for)?(?: another)?)\s*$/iu';
    /** "1 minute on each of the four edges" */
    private const EACH = '/^\s*(?:on |for )?(?:each|every)(?: of (?:the|its))?(?: (?<n>two|three|four|five|six|\d))? ?'
        .'(?:edges?|ends?|other sides?)\b/iu';
    private const NUMBERS = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];
    private const EDGES = 2;

    /** Null where it gives one time, or several that are told of one and the same. */
    public static function minutes(string $clause): ?Minutes
    {
        $times = Durations::in($clause);
        if (\count($times) < 2) {
            return null;
        }
        $all = $times[0][0]->times(Batches::in(substr($clause, 0, $times[1][1]))->perSide ? 2 : 1);
        $end = $times[0][1] + $times[0][2];
        foreach (\array_slice($times, 1) as [$minutes, $from, $length]) {
            $behind = substr($clause, $from + $length);
            $each = preg_match(self::EACH, $behind, $m) ? self::NUMBERS[mb_strtolower($m['n'] ?? '')] ?? (int) ($m['n'] ?? 0) : null;
            if (null === $each && !preg_match(self::GOES_ON, $behind) && !preg_match(self::ANOTHER, substr($clause, $end, $from - $end))) {
                return null;
            }
            $all = $all->plus($minutes->times(null === $each ? 1 : max($each, self::EDGES)));
            $end = $from + $length;
        }

        return $all;
    }
}
