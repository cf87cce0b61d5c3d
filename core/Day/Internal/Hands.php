<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Whereabouts;

/**
 * Whose hands are free in the minutes of a stretch, and who does which of the jobs that are placed in it.
 *
 * Hot loops on packed arrays.
 */
final class Hands
{
    /** Cost of calling somebody from something else, as minutes of waiting. */
    public const INTRUSION = 10.0;

    /** @var list<Person> */
    private array $persons;
    /** @var list<array<int, int>> for each person and minute, how many minutes on they are free */
    private array $free = [];
    /** @var list<array<int, int>> the same, busy or free */
    private array $there = [];
    /** @var array<int, int> how many are there in each minute */
    private array $count;
    /** @var array<int, int> for each minute, how many minutes on somebody is in the house and awake, whatever they do */
    private array $inTheHouse;
    /** @var list<array{int, int, int}> place of the job, start, end; by start */
    private array $asked = [];
    /** @var array<string, float> least cost at which the same work was left to the same hands */
    private array $seen = [];
    /** @var array<int, int>|null person by job */
    private ?array $best = null;
    private float $bestCost = \INF;

    /** @param list<Placed> $reserved */
    public function __construct(People $people, \DateTimeImmutable $from, int $minutes, array $reserved)
    {
        $this->persons = $people->persons;
        $this->count = array_fill(0, $minutes, 0);
        $this->inTheHouse = array_fill(0, $minutes + 1, 0);
        foreach ($this->persons as $person) {
            $row = $person->presence->steps($from, 60, $minutes);
            foreach ($row as $k => $where) {
                $this->inTheHouse[$k] = Whereabouts::Home === $where || Whereabouts::Busy === $where ? 1 : $this->inTheHouse[$k];
            }
            foreach ($reserved as $placed) {
                if ($placed->job->hands && $placed->person?->id === $person->id) {
                    $last = min($minutes, (int) ceil(($placed->to->getTimestamp() - $from->getTimestamp()) / 60));
                    for ($k = max(0, (int) floor(($placed->from->getTimestamp() - $from->getTimestamp()) / 60)); $k < $last; ++$k) {
                        $row[$k] = Whereabouts::Away;
                    }
                }
            }
            $free = $there = array_fill(0, $minutes + 1, 0);
            for ($k = $minutes - 1; $k >= 0; --$k) {
                $free[$k] = Whereabouts::Home === $row[$k] ? $free[$k + 1] + 1 : 0;
                $there[$k] = Whereabouts::Home === $row[$k] || Whereabouts::Busy === $row[$k] ? $there[$k + 1] + 1 : 0;
                $this->count[$k] += $there[$k] > 0 ? 1 : 0;
            }
            $this->free[] = $free;
            $this->there[] = $there;
        }
        for ($k = $minutes - 1; $k >= 0; --$k) {
            $this->inTheHouse[$k] = $this->inTheHouse[$k] > 0 ? $this->inTheHouse[$k + 1] + 1 : 0;
        }
    }

    /** Whether somebody is in the house while it burns, and puts it in and takes it out. */
    public function isMinded(Job $job, int $start): bool
    {
        $end = min($start + $job->minutes, \count($this->inTheHouse) - 1) - 1;

        return !$job->isPutInAndTakenOut() || $job->minutes < 1
            || ($job->isOnAFlame() ? $this->inTheHouse[$start] >= $job->minutes
                : $this->inTheHouse[$start] > 0 && $this->inTheHouse[$end] > 0);
    }

    /** The latest start in between at which somebody is in the house for it; null where there is none. */
    public function latestMinded(Job $job, int $earliest, int $latest): ?int
    {
        for ($start = $latest; $start >= $earliest; --$start) {
            if ($this->isMinded($job, $start)) {
                return $start;
            }
        }

        return null;
    }

    /** The same from the other side; the latest where there is none sooner. */
    public function earliestMinded(Job $job, int $earliest, int $latest): int
    {
        for ($start = $earliest; $start < $latest && !$this->isMinded($job, $start);) {
            ++$start;
        }

        return $start;
    }

    /** @return array<int, int> how many are there in each minute */
    public function counted(): array
    {
        return $this->count;
    }

    public function count(): int
    {
        return \count($this->persons);
    }

    /**
     * Who may be tried for one job more: of those who come and go alike, and do nothing so far, only the first.
     *
     * @param array<int, int> $who person by job
     *
     * @return list<int>
     */
    public function different(array $who): array
    {
        $different = [];
        foreach ($this->free as $k => $free) {
            $alike = array_filter(
                $different,
                fn (int $d): bool => !\in_array($d, $who, true) && $this->free[$d] === $free && $this->there[$d] === $this->there[$k],
            );
            if ([] === $alike || \in_array($k, $who, true)) {
                $different[] = $k;
            }
        }

        return $different;
    }

    /** The latest start in between at which that person could do it, or anybody where none is named; null where there is none. */
    public function latest(?int $person, int $earliest, int $latest, int $minutes): ?int
    {
        for ($start = $latest; $start >= $earliest; --$start) {
            if ($this->can($person, $start, $minutes)) {
                return $start;
            }
        }

        return null;
    }

    /** The same from the other side; the latest where there is none sooner. */
    public function earliest(?int $person, int $earliest, int $latest, int $minutes): int
    {
        for ($start = $earliest; $start < $latest && !$this->can($person, $start, $minutes);) {
            ++$start;
        }

        return $start;
    }

    private function can(?int $person, int $start, int $minutes): bool
    {
        if (null !== $person) {
            return null !== $this->costOf($person, $start, $minutes);
        }
        foreach ($this->persons as $k => $_) {
            if (null !== $this->costOf($k, $start, $minutes)) {
                return true;
            }
        }

        return false;
    }

    /** Whether somebody could, were nothing else to be done. */
    public function couldDo(Job $job, int $start): bool
    {
        return $this->can(null, $start, $job->minutes);
    }

    /**
     * Shares out the work with as few intrusions as can be, the first asked first.
     *
     * @param list<Job>          $jobs
     * @param array<string, int> $starts
     *
     * @return array{array<string, int>, float}|null person by job, and the cost; null where nobody is left for some of it
     */
    public function share(array $jobs, array $starts): ?array
    {
        $this->asked = [];
        foreach ($jobs as $k => $job) {
            if ($job->hands) {
                $this->asked[] = [$k, $starts[$job->id], $starts[$job->id] + $job->minutes];
            }
        }
        usort($this->asked, static fn (array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);
        $this->best = null;
        $this->bestCost = \INF;
        $this->seen = [];
        $this->assign(0, [], array_fill(0, \count($this->persons), \PHP_INT_MIN), 0.0);
        if (null === $this->best) {
            return null;
        }
        $who = [];
        foreach ($this->best as $k => $person) {
            $who[$jobs[$k]->id] = $person;
        }

        return [$who, $this->bestCost];
    }

    /**
     * The same work at the same times, shared as evenly as can be without calling anybody from something else more than they need be,
     * and each dish kept by one person. The best within a limit of steps.
     *
     * @param list<Job>          $jobs
     * @param array<string, int> $starts
     * @param array<string, int> $who    person by job, as it was found
     *
     * @return array<string, int> person by job
     */
    public function evenly(array $jobs, array $starts, array $who): array
    {
        if (1 === \count($this->persons)) {
            return $who;
        }
        $asked = array_values(array_filter($jobs, static fn (Job $j): bool => $j->hands));
        usort($asked, static fn (Job $a, Job $b): int => [$starts[$a->id], $a->id] <=> [$starts[$b->id], $b->id]);
        $called = 0.0;
        foreach ($asked as $job) {
            $called += (float) $this->costOf($who[$job->id], $starts[$job->id], $job->minutes);
        }
        $sharing = new Sharing($asked, $starts, $this->costOf(...), \count($this->persons), $called);

        return $sharing->best($who);
    }

    public function person(int $who): Person
    {
        return $this->persons[$who];
    }

    /**
     * @param array<int, int> $who  person by job so far
     * @param array<int, int> $ends when each person's last job ends
     */
    private function assign(int $n, array $who, array $ends, float $cost): void
    {
        if ($cost >= $this->bestCost) {
            return;
        }
        if ($n === \count($this->asked)) {
            $this->best = $who;
            $this->bestCost = $cost;

            return;
        }
        [$job, $start, $end] = $this->asked[$n];
        // What was done before and is over makes no difference to what is left.
        $state = $n.':'.implode(',', array_map(static fn (int $ends): int => max($ends, $start), $ends));
        if (($this->seen[$state] ?? \INF) <= $cost) {
            return;
        }
        $this->seen[$state] = $cost;
        foreach ($this->persons as $k => $_) {
            $more = $ends[$k] <= $start ? $this->costOf($k, $start, $end - $start) : null;
            if (null !== $more) {
                $was = $ends[$k];
                $ends[$k] = $end;
                $this->assign($n + 1, $who + [$job => $k], $ends, $cost + $more);
                $ends[$k] = $was;
            }
        }
    }

    private function costOf(int $person, int $start, int $minutes): ?float
    {
        return match (true) {
            $this->free[$person][$start] >= $minutes => 0.0,
            $minutes <= Presence::QUICK_MINUTES && $this->there[$person][$start] >= $minutes => self::INTRUSION,
            default => null,
        };
    }
}
