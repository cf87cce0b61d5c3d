<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Placed;

/** What is held back until the guests are there, where they may be late: all else can wait for them. */
final class LateGuests
{
    /**
     * @param list<Placed> $placed the day
     *
     * @return list<Placed> of each chain that can't wait so long, the first job that isn't begun before they are there
     */
    public static function heldBack(array $placed, float $lateMinutes): array
    {
        $jobs = $before = [];
        foreach ($placed as $one) {
            $jobs[$one->job->id] = $one;
        }
        foreach ($placed as $one) {
            if (null !== $one->job->next) {
                $before[$one->job->next][] = $one;
            }
        }
        $held = [];
        foreach ($lateMinutes > 0 ? $before[BraiseJobs::PLATE] ?? [] : [] as $last) {
            $back = null;
            for ($job = $last; null !== $job && !self::canWait($job, $jobs, $lateMinutes); $job = $before[$job->job->id][0] ?? null) {
                $back = $job;
            }
            $held[] = $back;
        }

        return array_values(array_filter($held));
    }

    /** @param array<string, Placed> $jobs */
    private static function canWait(Placed $placed, array $jobs, float $minutes): bool
    {
        $waits = ($jobs[$placed->job->next ?? '']->from->getTimestamp() - $placed->to->getTimestamp()) / 60;

        return $placed->job->waits - $waits >= $minutes;
    }
}
