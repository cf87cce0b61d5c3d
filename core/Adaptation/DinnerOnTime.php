<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;

/** The sauce and the side dishes of a dinner that follows the pot: where dinner moves, what is still to be done moves with it. */
final class DinnerOnTime
{
    /** Where hands or rings are short, times are better than none. */
    private const HELPERS = 6;
    private const MORE_RINGS = 12;
    private const MORE_OVENS = 4;

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins  when some of their jobs are to begin, by id
     * @param list<string>                      $done  jobs; what leads to them is done too
     *
     * @return list<Placed> what is left, in order of time; a time may have passed
     */
    public static function around(BraiseOrder $order, FollowedCook $followed, array $sides, array $pins, array $done): array
    {
        $day = $followed->day;
        $jobs = self::left(array_merge(...array_map(static fn (Side $s): array => $s->jobs($order->recipe->serves), $sides)), $done);
        $own = self::finish($order->kitchen, $day, $followed->work);
        if ([] === $jobs) {
            return self::undone($own, $done);
        }
        $plating = $own[\count($own) - 1]->from ?? $day->serve;
        $helped = $order->kitchen->with(
            $order->kitchen->people->always()->andHelpers(self::HELPERS),
        )->andMore(self::MORE_RINGS, self::MORE_OVENS);
        $pinned = array_map(static fn (Job $j): Job => $j->pinnedAt($pins[$j->id] ?? null), $jobs);
        foreach ([[$order->kitchen, $pinned], [$order->kitchen, $jobs], [$helped, $jobs]] as [$kitchen, $wanted]) {
            $schedule = (new Scheduler($kitchen, $day->switchOn, $plating, $own))->schedule($wanted);
            if (null !== $schedule) {
                return self::undone([...$own, ...$schedule->placed], $done);
            }
        }

        return self::undone($own, $done);
    }

    /**
     * @param list<Placed> $placed
     * @param list<string> $done
     *
     * @return list<Placed>
     */
    private static function undone(array $placed, array $done): array
    {
        usort($placed, static fn (Placed $a, Placed $b): int => $a->from <=> $b->from);

        return array_values(array_filter($placed, static fn (Placed $p): bool => !\in_array($p->job->id, $done, true)));
    }

    /**
     * @param list<Job>    $jobs
     * @param list<string> $done
     *
     * @return list<Job>
     */
    private static function left(array $jobs, array $done): array
    {
        $finished = array_fill_keys($done, true);
        foreach (array_reverse($jobs) as $job) {
            if (null !== $job->next && isset($finished[$job->next])) {
                $finished[$job->id] = true;
            }
        }

        return array_values(array_filter($jobs, static fn (Job $j): bool => !isset($finished[$j->id])));
    }

    /** @return list<Placed> the braise's own work at the end, the last at the table */
    private static function finish(Kitchen $kitchen, DayPlan $day, Work $work): array
    {
        $placed = [];
        $to = $day->serve;
        $beside = [];
        foreach (array_reverse($work->in(Stage::Finish, Stage::Table)) as $chore) {
            if ('side-work' === $chore->code) {
                $until = $beside[(string) $chore->variables['part']] ?? $to;
                $from = self::before($until, $chore->minutes);
                $job = BraiseJobs::job($chore);
                $placed[] = new Placed($job, $from, $until, $job->hands ? $kitchen->people->who($from, $until) : null);
                $beside[(string) $chore->variables['part']] = $from;
                continue;
            }
            $alone = (int) round($chore->term->value ?? ($work->isBeside($chore) ? 0 : $chore->minutes));
            $from = self::before($to, $work->isBeside($chore) ? $chore->minutes : $alone);
            $job = BraiseJobs::job($chore);
            $placed[] = new Placed($job, $from, $to, $job->hands ? $kitchen->people->who($from, $to) : null);
            $to = self::before($to, $alone);
        }

        return array_reverse($placed);
    }

    private static function before(\DateTimeImmutable $moment, int $minutes): \DateTimeImmutable
    {
        return $moment->setTimestamp($moment->getTimestamp() - 60 * $minutes);
    }
}
