<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Day\Internal\Search;
use Pausis\Core\Day\Internal\Stages;

/**
 * Places jobs so that nobody's hands, no ring and no oven is asked for twice, as little as possible waits, and nobody
 * is called away from something else without need.
 *
 * Stretches of the day whose jobs can't meet are placed one by one, each by branch and bound (Internal\Search).
 */
final readonly class Scheduler
{
    public const MOST_STEPS = 25_000;

    /**
     * @param \DateTimeImmutable $from     nothing starts before
     * @param \DateTimeImmutable $until    what goes to the table is ready by then
     * @param list<Placed>       $reserved what is fixed already
     */
    public function __construct(
        private Kitchen $kitchen, private \DateTimeImmutable $from, private \DateTimeImmutable $until, private array $reserved = [],
    ) {
    }

    /**
     * Null where they don't all fit.
     *
     * @param list<Job> $jobs
     * @param int       $mostSteps of the search in each stretch
     */
    public function schedule(array $jobs, int $mostSteps = self::MOST_STEPS, Thoroughness $wanted = Thoroughness::Best): ?Schedule
    {
        $placed = [];
        $cost = 0.0;
        $optimal = true;
        foreach (Stages::of($jobs, $this->until) as [$opens, $closes, $stage]) {
            $found = (new Search($this->kitchen, max($this->from, $opens), $closes, $this->reserved))->place(
                $stage, $this->until, $mostSteps, $wanted,
            );
            if (null === $found) {
                return null;
            }
            array_push($placed, ...$found->placed);
            $cost += $found->cost;
            $optimal = $optimal && $found->optimal;
        }
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);

        return new Schedule($placed, $cost, $optimal);
    }
}
