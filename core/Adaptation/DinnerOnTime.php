<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Chore;
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

    /** When the first of the braise's own work at the end is due. */
    public static function begins(Kitchen $kitchen, DayPlan $day, Work $work): \DateTimeImmutable
    {
        foreach (self::finish($kitchen, $day, $work) as $placed) {
            if ('side-work' !== $placed->job->code) {
                return $placed->from;
            }
        }

        return $day->serve;
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
        $chores = $work->in(Stage::Finish, Stage::Table);
        $first = $work->in(Stage::Finish)[0] ?? null;
        $placed = $beside = [];
        $to = $day->serve;
        foreach ($chores as $chore) {
            $to = BraiseJobs::PLATE === $chore->id ? self::before($day->serve, $chore->minutes) : $to;
        }
        // What goes on beside the sauce is done by when it is plated.
        $plating = $soonest = $to;
        foreach (array_reverse($chores) as $chore) {
            if ($work->isBeside($chore)) {
                $part = (string) ($chore->variables['part'] ?? $chore->id);
                $until = $beside[$part] ?? $plating;
                $beside[$part] = self::before($until, $chore->minutes);
                $placed[] = self::placed($kitchen, $chore, $beside[$part], $until);
                $soonest = 'side-work' === $chore->code ? $soonest : min($soonest, $beside[$part]);
            }
        }
        $to = $day->serve;
        foreach (array_reverse($chores) as $chore) {
            if (!$work->isBeside($chore)) {
                $to = $chore === $first ? min($to, $soonest) : $to;
                $from = self::before($to, (int) round($chore->term->value ?? $chore->minutes));
                $placed[] = self::placed($kitchen, $chore, $from, $to);
                $to = $from;
            }
        }
        usort($placed, static fn (Placed $a, Placed $b): int => $a->from <=> $b->from);

        return $placed;
    }

    private static function placed(Kitchen $kitchen, Chore $chore, \DateTimeImmutable $from, \DateTimeImmutable $to): Placed
    {
        $job = BraiseJobs::job($chore);

        return new Placed($job, $from, $to, $job->hands ? $kitchen->people->who($from, $to) : null);
    }

    private static function before(\DateTimeImmutable $moment, int $minutes): \DateTimeImmutable
    {
        return $moment->setTimestamp($moment->getTimestamp() - 60 * $minutes);
    }
}
