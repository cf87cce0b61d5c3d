<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Thoroughness;

/**
 * Branch and bound over the starts of the jobs of one stretch.
 *
 * Time is in minutes; a job ends when the next begins, or starts at a multiple of five minutes. Jobs are taken from the
 * end backwards, each as late as may be first; hands are counted, and shared out among the people once all is placed.
 * What is placed can only cost more, so that a partial plan dearer than the best is dropped. Exact within its limit of
 * steps, and for up to fourteen jobs also in saying that there is no plan; beyond, the best that was found. Hot loops
 * on packed arrays.
 */
final class Search
{
    private const GRID = 5;
    /** So many jobs are searched to the end; of more, a share of the steps without any plan is taken for none. */
    private const EXACT_JOBS = 14;
    private const BLIND_SHARE = 0.2;
    /** Sharing out the work takes as long as so many steps. */
    private const SHARING_STEPS = 8;

    private int $grid = self::GRID;
    private int $base;
    private int $first;
    private int $slots;
    private Hands $people;
    /** @var array<int, int> in each minute, still free */
    private array $hands;
    /** @var array<int, int> */
    private array $rings;
    /** @var array<int, int> */
    private array $ovens;
    /** @var list<Job> the last first */
    private array $jobs = [];
    /** @var list<int> minute at which each is due at the latest; that of the next job goes before */
    private array $dues = [];
    /** @var array<string, list<string>> jobs that must not begin before another is done */
    private array $followers = [];
    /** @var array<string, int> start of each job that is placed */
    private array $starts = [];
    /** @var array<string, int>|null */
    private ?array $best = null;
    /** @var array<string, int> person by job, in the best */
    private array $who = [];
    private float $bestCost = \INF;
    private int $steps = 0;
    private int $mostSteps = 0;
    private int $mostBlind = 0;
    private Thoroughness $wanted = Thoroughness::Best;

    /** @param list<Placed> $reserved */
    public function __construct(Kitchen $kitchen, private readonly \DateTimeImmutable $from, \DateTimeImmutable $until, array $reserved)
    {
        $this->base = intdiv($from->getTimestamp(), 60 * self::GRID) * 60 * self::GRID;
        $this->first = (int) ceil(($from->getTimestamp() - $this->base) / 60);
        $this->slots = max(0, intdiv($until->getTimestamp() - $this->base, 60));
        $this->people = new Hands($kitchen->people, $from->setTimestamp($this->base), $this->slots, $reserved);
        $this->hands = $this->people->counted();
        $this->rings = array_fill(0, $this->slots, $kitchen->rings);
        $this->ovens = array_fill(0, $this->slots, $kitchen->ovens);
        foreach ($reserved as $placed) {
            $this->takeRoom($placed->job, max(0, $this->slot($placed->from)), min($this->slots, $this->slot($placed->to)), -1);
        }
    }

    /**
     * @param list<Job>          $jobs  the last first
     * @param \DateTimeImmutable $until what goes to the table is ready by then
     */
    public function place(array $jobs, \DateTimeImmutable $until, int $mostSteps, Thoroughness $wanted = Thoroughness::Best): ?Schedule
    {
        $this->jobs = $jobs;
        $this->dues = array_map(fn (Job $j): int => $this->slot($j->by ?? $until), $jobs);
        $this->mostSteps = $mostSteps;
        $this->wanted = $wanted;
        $this->mostBlind = \count($jobs) <= self::EXACT_JOBS ? $mostSteps : (int) (self::BLIND_SHARE * $mostSteps);
        foreach ($jobs as $job) {
            if (null !== $job->after) {
                $this->followers[$job->after][] = $job->id;
            }
        }
        if ($this->isHopeless(new Demand($jobs, $until, $this->slot(...)))) {
            return null;
        }
        foreach ([self::GRID, 1] as $this->grid) {
            $this->next(0, 0.0);
            if (null !== $this->best) {
                break;
            }
            $this->steps = 0;
        }
        if (null === $this->best) {
            return null;
        }
        $placed = [];
        foreach ($jobs as $job) {
            $start = $this->best[$job->id];
            $placed[] = new Placed(
                $job, $this->at($start), $this->at($start + $job->minutes),
                $job->hands ? $this->people->person($this->who[$job->id]) : null,
            );
        }

        return new Schedule($placed, $this->bestCost, $this->steps < $mostSteps);
    }

    private function isHopeless(Demand $demand): bool
    {
        return !$demand->isMet(static fn (Job $j): int => $j->hands ? 1 : 0, $this->hands)
            || !$demand->isMet(static fn (Job $j): int => $j->rings, $this->rings)
            || !$demand->isMet(static fn (Job $j): int => $j->ovens, $this->ovens);
    }

    private function next(int $k, float $cost): void
    {
        if ($k === \count($this->jobs)) {
            $this->keep($cost);

            return;
        }
        $job = $this->jobs[$k];
        [$earliest, $latest, $due] = $this->window($k);
        for ($start = $latest; $start >= $earliest; $start = (int) (ceil($start / $this->grid) - 1) * $this->grid) {
            $waited = $cost + ($due - $job->rests - $job->minutes - $start) * $job->impatience();
            if ($waited >= $this->bestCost || $this->isEnough()) {
                return;
            }
            if ($this->fits($job, $start, $start + $job->minutes)) {
                $this->take($job, $start, $start + $job->minutes, -1);
                $this->starts[$job->id] = $start;
                if ($this->othersFit($k + 1)) {
                    $this->next($k + 1, $waited);
                }
                unset($this->starts[$job->id]);
                $this->take($job, $start, $start + $job->minutes, 1);
            }
        }
    }

    /** @return array{int, int, int} earliest and latest start of a job whose next is placed, and when what comes of it is wanted */
    private function window(int $k): array
    {
        $job = $this->jobs[$k];
        $due = null === $job->next ? $this->dues[$k] : $this->starts[$job->next];
        $latest = min($due - $job->rests, $this->slots);
        foreach ($this->followers[$job->id] ?? [] as $id) {
            $latest = min($latest, $this->starts[$id] ?? $latest);
        }
        $latest -= $job->minutes;
        $earliest = max($this->first, $due - $job->minutes - $job->waits, null === $job->notBefore ? 0 : $this->slot($job->notBefore));
        if (null !== $job->pinned) {
            $at = $this->slot($job->pinned);

            return [max($at, $earliest), min($at, $latest), $due];
        }

        return [$earliest, $latest, $due];
    }

    /** Whether each of the others by itself still has a place, of those whose next has its own. */
    private function othersFit(int $from): bool
    {
        for ($k = $from, $count = \count($this->jobs); $k < $count; ++$k) {
            $job = $this->jobs[$k];
            if (null !== $job->next && !isset($this->starts[$job->next])) {
                continue;
            }
            [$earliest, $latest] = $this->window($k);
            for ($start = $latest; $start >= $earliest && !$this->fits($job, $start, $start + $job->minutes); --$start) {
                continue;
            }
            if ($start < $earliest) {
                return false;
            }
        }

        return true;
    }

    private function isEnough(): bool
    {
        ++$this->steps;

        return null === $this->best
            ? $this->steps >= $this->mostBlind
            : Thoroughness::Any === $this->wanted || $this->steps >= $this->mostSteps;
    }

    private function keep(float $cost): void
    {
        $this->steps += self::SHARING_STEPS;
        $shared = $this->people->share($this->jobs, $this->starts);
        if (null !== $shared && $cost + $shared[1] < $this->bestCost) {
            $this->best = $this->starts;
            [$this->who, $intrusions] = $shared;
            $this->bestCost = $cost + $intrusions;
        }
    }

    private function fits(Job $job, int $from, int $to): bool
    {
        for ($k = $from; $k < $to; ++$k) {
            if (($job->hands && $this->hands[$k] < 1) || $this->rings[$k] < $job->rings || $this->ovens[$k] < $job->ovens) {
                return false;
            }
        }

        return !$job->hands || $this->people->couldDo($job, $from);
    }

    private function take(Job $job, int $from, int $to, int $sign): void
    {
        for ($k = $from; $job->hands && $k < $to; ++$k) {
            $this->hands[$k] += $sign;
        }
        $this->takeRoom($job, $from, $to, $sign);
    }

    private function takeRoom(Job $job, int $from, int $to, int $sign): void
    {
        for ($k = $from; $job->rings > 0 && $k < $to; ++$k) {
            $this->rings[$k] += $sign * $job->rings;
        }
        for ($k = $from; $job->ovens > 0 && $k < $to; ++$k) {
            $this->ovens[$k] += $sign * $job->ovens;
        }
    }

    private function slot(\DateTimeImmutable $at): int
    {
        return (int) floor(($at->getTimestamp() - $this->base) / 60);
    }

    private function at(int $slot): \DateTimeImmutable
    {
        return $this->from->setTimestamp($this->base + 60 * $slot);
    }
}
