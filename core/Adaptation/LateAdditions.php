<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;

/** What goes into a pot that is on, before its sauce is begun or so long after it was switched on. */
final class LateAdditions
{
    private const STEP = 300;

    /** @return list<Placed> in order of time */
    public static function of(BraiseOrder $order, FollowedCook $followed): array
    {
        $day = $followed->day;
        $sauce = $day->at(TaskKind::Sauce)->at ?? $day->serve;
        $placed = [];
        foreach ($followed->work->in(Stage::During) as $chore) {
            $at = null === $chore->atHour
                ? $sauce->getTimestamp() - (int) round(60 * (float) $chore->beforeEnd)
                : $day->switchOn->getTimestamp() + (int) round(3600 * $chore->atHour);
            if (null !== $chore->atHour || null !== $chore->beforeEnd) {
                $from = $sauce->setTimestamp(intdiv($at, self::STEP) * self::STEP);
                $to = $from->setTimestamp($from->getTimestamp() + 60 * $chore->minutes);
                $placed[] = new Placed(BraiseJobs::job($chore), $from, $to, $order->kitchen->people->who($from, $to));
            }
        }
        usort($placed, static fn (Placed $a, Placed $b): int => $a->from <=> $b->from);

        return $placed;
    }
}
