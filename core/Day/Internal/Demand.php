<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;

/**
 * What jobs ask of something at the least: all whose times lie within a stretch must find their minutes in it. Where
 * one stretch has fewer, no plan exists and none need be searched for. Minutes are counted from the start of the search.
 */
final readonly class Demand
{
    /** @var array<string, int> earliest start of each job */
    private array $earliest;
    /** @var array<string, int> latest end */
    private array $latest;

    /**
     * @param list<Job>                         $jobs the last first
     * @param callable(\DateTimeImmutable): int $slot
     */
    public function __construct(private array $jobs, \DateTimeImmutable $until, callable $slot)
    {
        /** @var array<string, int> $earliest */
        $earliest = [];
        /** @var array<string, int> $latest */
        $latest = [];
        /** @var array<string, int> $starts */
        $starts = [];
        foreach ($jobs as $job) {
            $due = $slot($job->by ?? $until);
            $first = (null === $job->next ? $due : $earliest[$job->next]) - $job->minutes - $job->waits;
            $last = (null === $job->next ? $due : $starts[$job->next]) - $job->rests;
            if (null !== $job->pinned) {
                [$first, $last] = [max($first, $slot($job->pinned)), min($last, $slot($job->pinned) + $job->minutes)];
            }
            $earliest[$job->id] = max($first, null === $job->notBefore ? $first : $slot($job->notBefore));
            $latest[$job->id] = $last;
            $starts[$job->id] = $last - $job->minutes;
        }
        $this->earliest = $earliest;
        $this->latest = $latest;
    }

    /**
     * Whether nothing shows that there is too little.
     *
     * @param callable(Job): int $need  of one job at a time
     * @param array<int, int>    $there in each minute
     */
    public function isMet(callable $need, array $there): bool
    {
        $before = [0];
        foreach ($there as $one) {
            $before[] = end($before) + max(0, $one);
        }
        $end = \count($there);
        $asking = array_values(array_filter($this->jobs, static fn (Job $j): bool => $need($j) > 0));
        usort($asking, fn (Job $a, Job $b): int => $this->latest[$a->id] <=> $this->latest[$b->id]);
        foreach ($asking as $from) {
            $opens = max(0, $this->earliest[$from->id]);
            $asked = 0;
            foreach ($asking as $job) {
                if ($this->earliest[$job->id] >= $this->earliest[$from->id]) {
                    $asked += $need($job) * $job->minutes;
                    $closes = min($end, $this->latest[$job->id]);
                    if ($asked > ($closes > $opens ? $before[$closes] - $before[$opens] : 0)) {
                        return false;
                    }
                }
            }
        }

        return true;
    }
}
