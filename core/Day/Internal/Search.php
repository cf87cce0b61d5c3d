<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Whereabouts;

/**
 * Branch and bound over the starts of the jobs of one stretch, and over who does them.
 *
 * Time is in minutes; a job ends when the next begins, or starts at a multiple of five minutes. Jobs are taken from the
 * end backwards, each as late as may be first. What is placed can only cost more, so that a partial plan dearer than
 * the best is dropped. Exact within its limit of steps, and for up to fourteen jobs also in saying
 * that there is no plan; beyond, the best that was found. Hot loops on packed arrays.
 */
final class Search
{
    private const GRID = 5;
    /** Cost of calling somebody from something else, as minutes of waiting. */
    public const INTRUSION = 10.0;
    /** So many jobs are searched to the end; of more, a share of the steps without any plan is taken for none. */
    private const EXACT_JOBS = 14;
    private const BLIND_SHARE = 0.2;
    private const TAKEN = 8;
    private const FREE = 2;
    private const BUSY = 1;

    private int $base;
    private int $first;
    private int $slots;
    /** @var list<array<int, int>> for each person and minute: FREE, BUSY or 0, less TAKEN for each job */
    private array $hands = [];
    /** @var array<int, int> */
    private array $rings;
    /** @var array<int, int> */
    private array $ovens;
    /** @var list<Person> */
    private array $persons;
    /** @var list<Job> the last first */
    private array $jobs = [];
    /** @var list<int> minute at which each is due at the latest; that of the next job goes before */
    private array $dues = [];
    /** @var array<string, list<string>> jobs that must not begin before another is done */
    private array $followers = [];
    /** @var array<string, array{int, int}> start and person of each job that is placed */
    private array $starts = [];
    /** @var array<string, array{int, int}>|null */
    private ?array $best = null;
    private float $bestCost = \INF;
    private int $steps = 0;
    private int $mostSteps = 0;
    private int $mostBlind = 0;

    /** @param list<Placed> $reserved */
    public function __construct(Kitchen $kitchen, private readonly \DateTimeImmutable $from, \DateTimeImmutable $until, array $reserved)
    {
        $this->base = intdiv($from->getTimestamp(), 60 * self::GRID) * 60 * self::GRID;
        $this->first = (int) ceil(($from->getTimestamp() - $this->base) / 60);
        $this->slots = max(0, intdiv($until->getTimestamp() - $this->base, 60));
        $this->persons = $kitchen->people->persons;
        foreach ($this->persons as $person) {
            $this->hands[] = array_map(static fn (?Whereabouts $w): int => match ($w) {
                Whereabouts::Home => self::FREE,
                Whereabouts::Busy => self::BUSY,
                default => 0,
            }, $person->presence->steps($from->setTimestamp($this->base), 60, $this->slots));
        }
        $this->rings = array_fill(0, $this->slots, $kitchen->rings);
        $this->ovens = array_fill(0, $this->slots, $kitchen->ovens);
        foreach ($reserved as $placed) {
            $who = null === $placed->person ? -1 : (int) array_search($placed->person->id, array_map(static fn (Person $p): string => $p->id, $this->persons), true);
            $this->take($placed->job, $who, max(0, $this->slot($placed->from)), min($this->slots, $this->slot($placed->to)), -1);
        }
    }

    /**
     * @param list<Job>          $jobs  the last first
     * @param \DateTimeImmutable $until what goes to the table is ready by then
     */
    public function place(array $jobs, \DateTimeImmutable $until, int $mostSteps): ?Schedule
    {
        $this->jobs = $jobs;
        $this->dues = array_map(fn (Job $j): int => $this->slot($j->by ?? $until), $jobs);
        $this->mostSteps = $mostSteps;
        $this->mostBlind = \count($jobs) <= self::EXACT_JOBS ? $mostSteps : (int) (self::BLIND_SHARE * $mostSteps);
        foreach ($jobs as $job) {
            if (null !== $job->after) {
                $this->followers[$job->after][] = $job->id;
            }
        }
        if (!$this->isHopeless(new Demand($jobs, $until, $this->slot(...)))) {
            $this->next(0, 0.0);
        }
        if (null === $this->best) {
            return null;
        }
        $placed = [];
        foreach ($jobs as $job) {
            [$start, $who] = $this->best[$job->id];
            $placed[] = new Placed($job, $this->at($start), $this->at($start + $job->minutes), $who < 0 ? null : $this->persons[$who]);
        }

        return new Schedule($placed, $this->bestCost, $this->steps < $mostSteps);
    }

    private function isHopeless(Demand $demand): bool
    {
        $hands = array_fill(0, $this->slots, 0);
        foreach ($this->hands as $row) {
            foreach ($row as $k => $free) {
                $hands[$k] += $free > 0 ? 1 : 0;
            }
        }

        return !$demand->isMet(static fn (Job $j): int => $j->hands ? 1 : 0, $hands)
            || !$demand->isMet(static fn (Job $j): int => $j->rings, $this->rings)
            || !$demand->isMet(static fn (Job $j): int => $j->ovens, $this->ovens);
    }

    private function next(int $k, float $cost): void
    {
        if ($k === \count($this->jobs)) {
            $this->best = $this->starts;
            $this->bestCost = $cost;

            return;
        }
        $job = $this->jobs[$k];
        $due = null === $job->next ? $this->dues[$k] : $this->starts[$job->next][0];
        $latest = min($due, $this->slots, ...array_map(fn (string $id): int => $this->starts[$id][0], $this->followers[$job->id] ?? [])) - $job->minutes;
        $earliest = max($this->first, $due - $job->minutes - $job->waits, null === $job->notBefore ? 0 : $this->slot($job->notBefore));
        if (null !== $job->pinned) {
            $at = $this->slot($job->pinned);
            [$earliest, $latest] = [max($at, $earliest), min($at, $latest)];
        }
        for ($start = $latest; $start >= $earliest; $start = (int) (ceil($start / self::GRID) - 1) * self::GRID) {
            $waited = $cost + ($due - $job->minutes - $start) * $job->impatience();
            if ($waited >= $this->bestCost || ++$this->steps >= (null === $this->best ? $this->mostBlind : $this->mostSteps)) {
                return;
            }
            foreach ($this->hasRoom($job, $start) ? $this->whoCan($job, $start) : [] as $who => $intrusion) {
                if ($waited + $intrusion < $this->bestCost) {
                    $this->take($job, $who, $start, $start + $job->minutes, -1);
                    $this->starts[$job->id] = [$start, $who];
                    $this->next($k + 1, $waited + $intrusion);
                    $this->take($job, $who, $start, $start + $job->minutes, 1);
                }
            }
        }
    }

    private function hasRoom(Job $job, int $start): bool
    {
        if (0 === $job->rings && 0 === $job->ovens) {
            return true;
        }
        for ($k = $start; $k < $start + $job->minutes; ++$k) {
            if ($this->rings[$k] < $job->rings || $this->ovens[$k] < $job->ovens) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, float> what it costs by person; -1 where it takes no hands */
    private function whoCan(Job $job, int $start): array
    {
        if (!$job->hands) {
            return [-1 => 0.0];
        }
        $least = $job->minutes <= Presence::QUICK_MINUTES ? self::BUSY : self::FREE;
        $who = [];
        foreach ($this->hands as $person => $row) {
            $free = self::FREE;
            for ($k = $start; $k < $start + $job->minutes && $free >= $least; ++$k) {
                $free = min($free, $row[$k]);
            }
            if ($free >= $least && !$this->isLikeAnother($person, array_keys($who))) {
                $who[$person] = self::FREE === $free ? 0.0 : self::INTRUSION;
            }
        }

        return $who;
    }

    /** @param list<int> $others of whom one would do as well, to the minute */
    private function isLikeAnother(int $person, array $others): bool
    {
        foreach ($others as $other) {
            if ($this->hands[$person] === $this->hands[$other]) {
                return true;
            }
        }

        return false;
    }

    private function take(Job $job, int $who, int $from, int $to, int $sign): void
    {
        for ($k = $from; $k < $to; ++$k) {
            $this->rings[$k] += $sign * $job->rings;
            $this->ovens[$k] += $sign * $job->ovens;
        }
        for ($k = $from; $job->hands && $who >= 0 && $k < $to; ++$k) {
            $this->hands[$who][$k] += $sign * self::TAKEN;
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
