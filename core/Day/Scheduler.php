<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/**
 * Places jobs before a meal so that hands, rings and oven are never asked for twice and as little as possible waits.
 *
 * Branch and bound on a grid of five minutes: jobs from the table backwards, each as late as may be first. What is
 * placed can only cost more, so that a partial plan dearer than the best is dropped. Exact within its limit of steps;
 * beyond, the best that was found.
 */
final class Scheduler
{
    public const STEP_MINUTES = 5;
    public const MOST_STEPS = 60_000;

    private int $base;
    private int $slots;
    /** @var array<int, int> persons free in each slot */
    private array $hands = [];
    /** @var array<int, int> */
    private array $rings = [];
    /** @var array<int, int> */
    private array $ovens = [];
    /** @var list<Job> the table first */
    private array $jobs = [];
    /** @var array<string, int> slot at which each job that is placed starts */
    private array $starts = [];
    /** @var array<string, int>|null */
    private ?array $best = null;
    private float $bestCost = \INF;
    private int $steps = 0;
    private int $mostSteps = self::MOST_STEPS;

    /**
     * @param \DateTimeImmutable $from     nothing starts before
     * @param \DateTimeImmutable $serve    everything is ready by then
     * @param list<Placed>       $reserved what is fixed already
     */
    public function __construct(Kitchen $kitchen, Presence $presence, private readonly \DateTimeImmutable $from, private readonly \DateTimeImmutable $serve, array $reserved = [])
    {
        $step = 60 * self::STEP_MINUTES;
        $this->base = (int) (ceil($from->getTimestamp() / $step) * $step);
        $this->slots = max(0, intdiv($serve->getTimestamp() - $this->base, $step));
        for ($k = 0; $k < $this->slots; ++$k) {
            $this->hands[] = $presence->isFree($this->at($k), $this->at($k + 1)) ? $kitchen->persons : 0;
            $this->rings[] = $kitchen->rings;
            $this->ovens[] = $kitchen->ovens;
        }
        foreach ($reserved as $placed) {
            $first = (int) floor(($placed->from->getTimestamp() - $this->base) / $step);
            $last = (int) ceil(($placed->to->getTimestamp() - $this->base) / $step);
            $this->take($placed->job, max(0, $first), min($this->slots, $last), -1);
        }
    }

    /**
     * Null where they don't all fit.
     *
     * @param list<Job> $jobs
     * @param int       $mostSteps of the search
     */
    public function schedule(array $jobs, int $mostSteps = self::MOST_STEPS): ?Schedule
    {
        $this->mostSteps = $mostSteps;
        $this->jobs = self::tableFirst($jobs);
        $this->starts = [];
        $this->best = null;
        $this->bestCost = \INF;
        $this->steps = 0;
        $this->place(0, 0.0);
        if (null === $this->best) {
            return null;
        }
        $placed = [];
        foreach ($this->jobs as $job) {
            $start = $this->best[$job->id];
            $placed[] = new Placed($job, $this->at($start), $this->at($start + self::slotsOf($job)));
        }
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);

        return new Schedule($placed, $this->bestCost, $this->steps < $mostSteps);
    }

    private function place(int $k, float $cost): void
    {
        if ($k === \count($this->jobs)) {
            $this->best = $this->starts;
            $this->bestCost = $cost;

            return;
        }
        $job = $this->jobs[$k];
        $length = self::slotsOf($job);
        $due = null === $job->next ? $this->slots : $this->starts[$job->next];
        $earliest = max(0, $due - $length - intdiv($job->waits, self::STEP_MINUTES));
        $latest = $due - $length;
        if (null !== $job->pinned) {
            $at = (int) round(($job->pinned->getTimestamp() - $this->base) / (60 * self::STEP_MINUTES));
            [$earliest, $latest] = [max($at, $earliest), min($at, $latest)];
        }
        for ($start = $latest; $start >= $earliest; --$start) {
            $total = $cost + self::STEP_MINUTES * ($due - $length - $start) * $job->impatience();
            if ($total >= $this->bestCost || ++$this->steps >= $this->mostSteps) {
                return;
            }
            if ($this->fits($job, $start, $start + $length)) {
                $this->take($job, $start, $start + $length, -1);
                $this->starts[$job->id] = $start;
                $this->place($k + 1, $total);
                $this->take($job, $start, $start + $length, 1);
            }
        }
    }

    private function fits(Job $job, int $from, int $to): bool
    {
        for ($k = $from; $k < $to; ++$k) {
            if (($job->hands && $this->hands[$k] < 1) || $this->rings[$k] < $job->rings || $this->ovens[$k] < $job->ovens) {
                return false;
            }
        }

        return true;
    }

    private function take(Job $job, int $from, int $to, int $sign): void
    {
        for ($k = $from; $k < $to; ++$k) {
            $this->hands[$k] += $job->hands ? $sign : 0;
            $this->rings[$k] += $sign * $job->rings;
            $this->ovens[$k] += $sign * $job->ovens;
        }
    }

    private function at(int $slot): \DateTimeImmutable
    {
        return $this->from->setTimestamp($this->base + 60 * self::STEP_MINUTES * $slot);
    }

    private static function slotsOf(Job $job): int
    {
        return (int) ceil($job->minutes / self::STEP_MINUTES);
    }

    /**
     * Each job after the one that takes it up, those that can wait least first among their like.
     *
     * @param list<Job> $jobs
     *
     * @return list<Job>
     */
    private static function tableFirst(array $jobs): array
    {
        usort($jobs, static fn (Job $a, Job $b): int => [$a->waits, $a->id] <=> [$b->waits, $b->id]);
        $sorted = $known = [];
        while (\count($sorted) < \count($jobs)) {
            $before = \count($sorted);
            foreach ($jobs as $job) {
                if (!isset($known[$job->id]) && (null === $job->next || isset($known[$job->next]))) {
                    $sorted[] = $job;
                    $known[$job->id] = true;
                }
            }
            if ($before === \count($sorted)) {
                throw new \LogicException('Jobs that wait for each other, or for one that is missing.');
            }
        }

        return $sorted;
    }
}
