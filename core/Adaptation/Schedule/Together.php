<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Thoroughness;

/** Several pots in one kitchen: their sauces and sides are placed in one search, then each is loaded as late as it may. */
final class Together
{
    /**
     * Null where they can't all be done.
     *
     * @param non-empty-list<DayCase> $cases
     * @param list<Placed>            $fixed work that keeps its time
     *
     * @return list<PlannedDay>|null one for each
     */
    public static function plan(array $cases, Kitchen $kitchen, array $fixed, int $mostSteps): ?array
    {
        $dinners = self::dinners($cases, $kitchen, $fixed, $mostSteps);
        $planned = [];
        $taken = array_merge($fixed, ...array_map(static fn (Schedule $s): array => $s->placed, $dinners ?? []));
        foreach ($dinners ?? [] as $k => $dinner) {
            $day = $cases[$k]->beside(self::without($taken, $dinner->placed))->loadedFor($dinner, $mostSteps, Thoroughness::Best);
            if (null === $day) {
                return null;
            }
            $planned[] = $day;
            array_push($taken, ...self::without($day->schedule->placed, $dinner->placed), ...$day->moments);
        }

        return null === $dinners ? null : $planned;
    }

    /**
     * @param list<Placed> $all
     * @param list<Placed> $own
     *
     * @return list<Placed>
     */
    private static function without(array $all, array $own): array
    {
        return array_values(array_filter($all, static fn (Placed $p): bool => !\in_array($p, $own, true)));
    }

    /**
     * @param non-empty-list<DayCase> $cases
     * @param list<Placed>            $fixed
     *
     * @return list<Schedule>|null
     */
    private static function dinners(array $cases, Kitchen $kitchen, array $fixed, int $mostSteps): ?array
    {
        $jobs = $all = [];
        foreach ($cases as $k => $case) {
            foreach ($case->dinner($case->braise->chosen->work->waitsBeforeThePlate(), $fixed) as $job) {
                $job = BraiseJobs::PLATE === $job->id ? $job->waiting(BraiseJobs::PLATED_WAITS) : $job;
                $jobs["$k $job->id"] = $job;
                $all[] = $job->of((string) $k)->pinnedAt($case->pins[$job->id] ?? null);
            }
        }
        $serves = array_map(static fn (DayCase $c): \DateTimeImmutable => $c->day->serve, $cases);
        $found = (new Scheduler($kitchen, $cases[0]->braise->order->now, max($serves), $fixed))->schedule($all, $mostSteps);
        if (null === $found) {
            return null;
        }
        $placed = array_fill_keys(array_keys($cases), []);
        foreach ($found->placed as $one) {
            $placed[(int) $one->job->id][] = new Placed(
                ($jobs[$one->job->id] ?? $one->job)->pinnedAt($one->job->pinned), $one->from, $one->to, $one->person,
            );
        }

        return array_map(static fn (array $own): Schedule => new Schedule($own, $found->cost, $found->optimal), array_values($placed));
    }
}
