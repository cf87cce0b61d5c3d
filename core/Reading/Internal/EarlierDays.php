<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;

/**
 * What a method that is told by days does before the day of the braise: "Two days before: …", "THE DAY BEFORE", "Next day …". A day
 * goes on until the next is named.
 */
final readonly class EarlierDays
{
    private const BEFORE = '(?:do this |start |begin )?(?:on |up to )?(?:(?:one|two|three|an?|\d) (?:days?|nights?|evenings?)'
        .'|the (?:night|evening|day)) (?:before|ahead|earlier|in advance)(?: serving| cooking| you (?:cook|eat))?|d ?[-–−] ?\d';
    private const SINCE = '(?:the )?(?:next|following) (?:day|morning)|on the day|(?:in )?the morning|day (?:two|2)|d(?=\s*:)|to cook';
    /** What may be done on a day before: nothing that is heated with meat in it. */
    private const AHEAD = [
        ActKind::Marinate, ActKind::Season, ActKind::Mix, ActKind::Blend, ActKind::Prepare, ActKind::Cut, ActKind::Soak, ActKind::Tie,
        ActKind::Toast, ActKind::BoilDown, ActKind::HeatUp,
    ];

    private function __construct()
    {
    }

    /** Whether a line only names the day. */
    public static function isOnlyADay(string $line): bool
    {
        return (bool) preg_match('/^\W*(?:day one|day 1|'.self::BEFORE.'|'.self::SINCE.')\W*$/iu', $line);
    }

    /**
     * @param list<Act> $acts
     *
     * @return array<int, bool> by place, whether it is done on a day before that of the braise; nothing of what no day is named for
     */
    public static function in(array $acts, ?int $cook): array
    {
        $days = [];
        $day = 0;
        $ahead = [0 => false];
        $source = '';
        foreach (null === $cook ? [] : \array_slice($acts, 0, $cook + 1) as $k => $act) {
            if ($act->source !== $source && preg_match('/^\W*(?:'.self::BEFORE.'|day one|day 1)\b/iu', $act->source)) {
                $ahead[++$day] = true;
            } elseif ($act->source !== $source && preg_match('/^\W*(?:'.self::SINCE.')\b/iu', $act->source)) {
                $ahead[++$day] = false;
            }
            $source = $act->source;
            $days[$k] = $day;
        }
        $last = $days[$cook ?? -1] ?? 0;
        if (1 === $last && $ahead[1] && !\in_array(0, $days, true)) {
            // "The night before, rub the lamb." goes for its own sentence.
            return [];
        }
        // What stands before "the next day", or before the day on which it is braised, is of the day before that.
        $ahead[0] = isset($ahead[1]) && (!$ahead[1] || 1 === $last);
        $earlier = [];
        foreach ($days as $k => $of) {
            if ($of === $last && $last > 0) {
                $earlier[$k] = false;
            } elseif ($of < $last && $ahead[$of] && \in_array($acts[$k]->kind, self::AHEAD, true) && $acts[$k]->isDone()) {
                $earlier[$k] = true;
            }
        }

        return $earlier;
    }
}
