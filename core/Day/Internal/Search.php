<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Thoroughness;

/**
 * The plan of one stretch in which least waits. Whether there is one is told by Precedences; the cheapest is searched for by
 * branch and bound over the starts.
 *
 * Time is in minutes; a job ends when the next begins, or starts at a multiple of five minutes, or of one where there is
 * no plan otherwise. Jobs are taken from the end backwards, each as late as may be first. What is placed can only cost
 * more, so that a partial plan dearer than the best is dropped; so is one in which some other job has no place any more.
 * The cheapest within its limit of steps; beyond, the cheapest that was found.
 */
final class Search
{
    /** Clock times a cook can keep, minutes. */
    private const GRID = 5;
    /** So many are enough in all but made-up kitchens. */
    private const MOST_ORDERS = 2_000;
    /** So large a share of the steps is spent on finding a plan at such times, before one at any minute is taken. */
    private const BLIND_SHARE = 0.2;
    /** Sharing out the work takes as long as so many steps. */
    private const SHARING_STEPS = 8;
    /** Of more jobs, whether each of the others still has a place is too much to ask at each step. */
    private const MOST_LOOKED_AHEAD = 24;

    private readonly Board $board;
    private int $grid = self::GRID;
    /** @var array<string, int>|null */
    private ?array $best = null;
    /** @var array<string, int> person by job, in the best */
    private array $who = [];
    private float $bestCost = \INF;
    private int $steps = 0;
    private int $mostSteps = 0;
    private bool $looksAhead = true;
    /** Whether a plan is known to exist. */
    private bool $exists = false;
    private Thoroughness $wanted = Thoroughness::Best;

    /** @param list<Placed> $reserved */
    public function __construct(Kitchen $kitchen, \DateTimeImmutable $from, \DateTimeImmutable $until, array $reserved)
    {
        $this->board = new Board($kitchen, $from, $until, $reserved);
    }

    /**
     * @param list<Job>          $jobs  the last first
     * @param \DateTimeImmutable $until what goes to the table is ready by then
     */
    public function place(array $jobs, \DateTimeImmutable $until, int $mostSteps, Thoroughness $wanted = Thoroughness::Best): ?Schedule
    {
        $this->board->lay($jobs, $until);
        $this->mostSteps = $mostSteps;
        $this->wanted = $wanted;
        $this->looksAhead = \count($jobs) <= self::MOST_LOOKED_AHEAD;
        if ($this->board->isHopeless($until)) {
            return null;
        }
        $orders = new Precedences($this->board, self::MOST_ORDERS);
        $starts = $orders->starts();
        if (null === $starts && $orders->isProof()) {
            return null;
        }
        $this->exists = null !== $starts;
        $this->next(0, 0.0);
        if (null === $this->best && null !== $starts) {
            $this->startFrom($starts);
            $this->next(0, 0.0);
        }

        return null === $this->best ? null : $this->found($jobs);
    }

    /** @param array<string, int> $starts */
    private function startFrom(array $starts): void
    {
        $cost = 0.0;
        foreach ($this->board->jobs as $k => $job) {
            $cost += Board::cost($job, $starts[$job->id], $this->board->window($k)[2]);
            $this->board->place($job, $starts[$job->id]);
        }
        $this->steps = 0;
        $this->grid = 1;
        $this->keep($cost);
        array_map($this->board->lift(...), $this->board->jobs);
    }

    /** @param list<Job> $jobs */
    private function found(array $jobs): Schedule
    {
        $placed = [];
        $this->who = $this->board->people->evenly($jobs, $this->best ?? [], $this->who);
        foreach ($jobs as $job) {
            $start = $this->best[$job->id] ?? throw new \LogicException("No start of $job->id.");
            $placed[] = new Placed(
                $job, $this->board->at($start), $this->board->at($start + $job->minutes),
                $job->hands ? $this->board->person($this->who[$job->id]) : null,
            );
        }

        return new Schedule($placed, $this->bestCost, $this->steps < $this->mostSteps);
    }

    private function next(int $k, float $cost): void
    {
        if ($k === \count($this->board->jobs)) {
            $this->keep($cost);

            return;
        }
        $job = $this->board->jobs[$k];
        [$earliest, $latest, $due] = $this->board->window($k);
        for ($start = $latest; $start >= $earliest; $start = (int) (ceil($start / $this->grid) - 1) * $this->grid) {
            $waited = $cost + Board::cost($job, $start, $due);
            if ($waited >= $this->bestCost || $this->isEnough()) {
                return;
            }
            if ($this->board->fits($job, $start)) {
                $this->board->place($job, $start);
                if (!$this->looksAhead || $this->othersFit($k + 1)) {
                    $this->next($k + 1, $waited);
                }
                $this->board->lift($job);
            }
        }
    }

    /** Whether each of the others by itself still has a place, of those whose next has its own. */
    private function othersFit(int $from): bool
    {
        for ($k = $from, $count = \count($this->board->jobs); $k < $count; ++$k) {
            $next = $this->board->jobs[$k]->next;
            if ((null === $next || isset($this->board->starts[$next])) && null === $this->board->latest($k)) {
                return false;
            }
        }

        return true;
    }

    private function isEnough(): bool
    {
        ++$this->steps;

        return match (true) {
            null === $this->best => $this->steps >= self::BLIND_SHARE * $this->mostSteps
                || (Thoroughness::Any === $this->wanted && $this->exists),
            default => $this->steps >= $this->mostSteps || Thoroughness::Any === $this->wanted,
        };
    }

    private function keep(float $cost): void
    {
        $this->steps += self::SHARING_STEPS;
        $shared = $this->board->share();
        if (null !== $shared && $cost + $shared[1] < $this->bestCost) {
            $this->best = $this->board->starts;
            [$this->who, $intrusions] = $shared;
            $this->bestCost = $cost + $intrusions;
        }
    }
}
