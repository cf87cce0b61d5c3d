<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;

/** The dinner of a braise that was chilled: out of the fridge, warmed through, finished, with its sides. */
final class AnotherDay
{
    /** What is done for it begins no sooner, so many hours before. */
    private const LONGEST_HOURS = 8;

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins  by job
     * @param list<string>                      $done  ids
     *
     * @return list<Placed>|null null where nobody is there for it; empty where it is eaten from the pot
     */
    public static function placed(AdaptedBraise $braise, array $sides, array $pins = [], array $done = []): ?array
    {
        $order = $braise->order;
        $serve = $order->handling->eatenOn;
        if (null === $serve || \in_array(BraiseJobs::PLATE_AGAIN, $done, true)) {
            return [];
        }
        $jobs = [
            ...(new BraiseJobs($order, $braise->chosen->work->without($done)))->again($serve),
            ...array_map(
                static fn (Job $j): Job => null === $j->next ? $j->before(BraiseJobs::PLATE_AGAIN) : $j,
                array_merge(...array_map(static fn (Side $s): array => $s->without($done)->jobs($order->recipe->serves), $sides)),
            ),
        ];
        $from = $serve->modify('-'.self::LONGEST_HOURS.' hours');
        $schedule = (new Scheduler($order->kitchen, max($order->now, $from), $serve, []))->schedule(
            array_map(static fn (Job $j): Job => $j->pinnedAt($pins[$j->id] ?? null), $jobs), Scheduler::MOST_STEPS,
        );

        return $schedule?->placed;
    }
}
