<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;

/**
 * The minutes of a stretch, what is still free in each, and the jobs that stand in them so far.
 *
 * A job that another takes up ends before that begins, and can only be placed once that stands. Hands are counted, and
 * shared out among the people once all is placed. Hot loops on packed arrays.
 */
final class Board
{
    /** More minutes than any stretch has. */
    public const FAR = 1_000_000;
    /** Clock times a cook can keep. */
    private const ROUND = 5;
    /** Cost of a start at an odd minute, as minutes of waiting: round where waiting does no harm, odd where it would. */
    private const ODD = 4.0;

    /** @var list<Job> the last first */
    public array $jobs = [];
    /** @var array<string, int> minute at which each job that is placed begins */
    public array $starts = [];
    private readonly int $base;
    private readonly int $first;
    private readonly int $minutes;
    public readonly Hands $people;
    /** @var list<array{int, int, int, int}> start, minutes, rings and ovens of what is reserved */
    public array $reserved = [];
    /** @var array<int, int> in each minute, still free */
    private array $hands;
    /** @var array<int, int> */
    private array $rings;
    /** @var array<int, int> */
    private array $ovens;
    /** @var list<int> minute at which each is due at the latest; that of the next job goes before */
    private array $dues = [];
    /** @var array<string, list<string>> jobs that must not begin before another is done */
    private array $followers = [];
    /** @var array<string, int> */
    private array $lengths = [];

    /** @param list<Placed> $reserved */
    public function __construct(
        public readonly Kitchen $kitchen, private readonly \DateTimeImmutable $from, \DateTimeImmutable $until, array $reserved,
    ) {
        $this->base = intdiv($from->getTimestamp(), 60 * self::ROUND) * 60 * self::ROUND;
        $this->first = (int) ceil(($from->getTimestamp() - $this->base) / 60);
        $this->minutes = max(0, intdiv($until->getTimestamp() - $this->base, 60));
        $this->people = new Hands($kitchen->people, $from->setTimestamp($this->base), $this->minutes, $reserved);
        $this->hands = $this->people->counted();
        $this->rings = array_fill(0, $this->minutes, $kitchen->rings);
        $this->ovens = array_fill(0, $this->minutes, $kitchen->ovens);
        foreach ($reserved as $placed) {
            $from = max(0, $this->minute($placed->from));
            $to = min($this->minutes, $this->minute($placed->to));
            if ($from < $to && $placed->job->rings + $placed->job->ovens > 0) {
                $this->takeRoom($placed->job, $from, $to, -1);
                $this->reserved[] = [$from, $to - $from, $placed->job->rings, $placed->job->ovens];
            }
        }
    }

    /**
     * @param list<Job>          $jobs  the last first
     * @param \DateTimeImmutable $until what goes to the table is ready by then
     */
    public function lay(array $jobs, \DateTimeImmutable $until): void
    {
        $this->jobs = $jobs;
        $this->dues = array_map(fn (Job $j): int => $this->minute($j->by ?? $until), $jobs);
        foreach ($jobs as $job) {
            $this->lengths[$job->id] = $job->minutes;
            if (null !== $job->after) {
                $this->followers[$job->after][] = $job->id;
            }
        }
    }

    /** Whether what is asked for in some stretch is more than there is in it. */
    public function isHopeless(\DateTimeImmutable $until): bool
    {
        $demand = new Demand($this->jobs, $until, $this->minute(...));

        return !$demand->isMet(static fn (Job $j): int => $j->hands ? 1 : 0, $this->hands)
            || !$demand->isMet(static fn (Job $j): int => $j->rings, $this->rings)
            || !$demand->isMet(static fn (Job $j): int => $j->ovens, $this->ovens);
    }

    /** @return array{int, int, int} earliest and latest start of a job whose next is placed, and when what comes of it is wanted */
    public function window(int $k): array
    {
        $job = $this->jobs[$k];
        $due = null === $job->next ? $this->dues[$k] : $this->starts[$job->next];
        $latest = min($due - $job->rests, $this->minutes);
        foreach ($this->followers[$job->id] ?? [] as $id) {
            $latest = min($latest, $this->starts[$id] ?? $latest);
        }
        $latest -= $job->minutes;
        $earliest = max($this->first, $due - $job->minutes - $job->waits, null === $job->notBefore ? 0 : $this->minute($job->notBefore));
        if (null !== $job->after && isset($this->starts[$job->after])) {
            $earliest = max($earliest, $this->starts[$job->after] + $this->lengths[$job->after]);
        }
        if (null !== $job->pinned) {
            $at = $this->minute($job->pinned);

            return [max($at, $earliest), min($at, $latest), $due];
        }

        return [$earliest, $latest, $due];
    }

    /**
     * What must hold between the starts of the jobs, each counted from one on; nought is the beginning of the stretch.
     *
     * @return list<array{int, int, int}> from, to, and by how many minutes the second may be after the first at most
     */
    public function differences(): array
    {
        $place = array_flip(array_map(static fn (Job $j): string => $j->id, $this->jobs));
        $differences = [];
        foreach ($this->jobs as $k => $job) {
            $earliest = max($this->first, null === $job->notBefore ? 0 : $this->minute($job->notBefore));
            $latest = $this->minutes - $job->minutes;
            if (null === $job->next) {
                $earliest = max($earliest, $this->dues[$k] - $job->minutes - $job->waits);
                $latest = min($latest, $this->dues[$k] - $job->minutes - $job->rests);
            } else {
                $differences[] = [$place[$job->next] + 1, $k + 1, -$job->minutes - $job->rests];
                $differences[] = [$k + 1, $place[$job->next] + 1, $job->minutes + $job->waits];
            }
            if (null !== $job->after) {
                $differences[] = [$k + 1, $place[$job->after] + 1, -$this->lengths[$job->after]];
            }
            if (null !== $job->pinned) {
                $earliest = max($earliest, $this->minute($job->pinned));
                $latest = min($latest, $this->minute($job->pinned));
            }
            array_push($differences, [0, $k + 1, $latest], [$k + 1, 0, -$earliest]);
        }

        return $differences;
    }

    /** The latest start within its window at which a job has a place; null where it has none. */
    public function latest(int $k): ?int
    {
        $job = $this->jobs[$k];
        [$earliest, $latest] = $this->window($k);
        for ($start = $latest; $start >= $earliest; --$start) {
            if ($this->fits($job, $start)) {
                return $start;
            }
        }

        return null;
    }

    public function fits(Job $job, int $start): bool
    {
        for ($k = $start, $end = $start + $job->minutes; $k < $end; ++$k) {
            if (($job->hands && $this->hands[$k] < 1) || $this->rings[$k] < $job->rings || $this->ovens[$k] < $job->ovens) {
                return false;
            }
        }

        return $job->hands ? $this->people->couldDo($job, $start) : $this->people->isMinded($job, $start);
    }

    public function place(Job $job, int $start): void
    {
        $this->starts[$job->id] = $start;
        $this->take($job, $start, $start + $job->minutes, -1);
    }

    public function lift(Job $job): void
    {
        $start = $this->starts[$job->id];
        unset($this->starts[$job->id]);
        $this->take($job, $start, $start + $job->minutes, 1);
    }

    /**
     * @return array{array<string, int>, float}|null person by job, and what calling them from something else costs; null where it can't be
     */
    public function share(): ?array
    {
        return $this->people->share($this->jobs, $this->starts);
    }

    /** What the waiting of a job costs, and a time that no clock shows at a glance. */
    public static function cost(Job $job, int $start, int $due): float
    {
        return ($due - $job->rests - $job->minutes - $start) * $job->impatience() + (0 === $start % self::ROUND ? 0.0 : self::ODD);
    }

    public function person(int $who): Person
    {
        return $this->people->person($who);
    }

    public function at(int $minute): \DateTimeImmutable
    {
        return $this->from->setTimestamp($this->base + 60 * $minute);
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

    private function minute(\DateTimeImmutable $at): int
    {
        return (int) floor(($at->getTimestamp() - $this->base) / 60);
    }
}
