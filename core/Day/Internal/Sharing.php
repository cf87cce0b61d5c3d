<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;

/**
 * Who does which of the jobs whose times stand: as evenly as can be, each dish kept by one person. Tried job by job, the better first,
 * within a limit of steps.
 */
final class Sharing
{
    /** What a minute costs that the busiest has more than the least busy. */
    public const UNEVEN = 0.25;
    /** What it costs to hand a dish over. */
    public const HANDOVER = 3.0;
    private const MOST_STEPS = 4_000;

    /** @var array<string, int> */
    private array $best;
    private float $least;
    private int $steps = 0;

    /**
     * @param list<Job>                       $jobs   that need hands, in order of time
     * @param array<string, int>              $starts minute of each
     * @param \Closure(int, int, int): ?float $costOf calling a person at a minute for so many; null where they can't come
     * @param float                           $called that may be spent on calling people from something else
     */
    public function __construct(
        private readonly array $jobs, private readonly array $starts, private readonly \Closure $costOf, private readonly int $persons,
        private readonly float $called,
    ) {
    }

    /**
     * @param array<string, int> $who a way that is known
     *
     * @return array<string, int>
     */
    public function best(array $who): array
    {
        $this->best = $who;
        $this->least = $this->cost($who);
        $this->next(0, [], array_fill(0, $this->persons, \PHP_INT_MIN), array_fill(0, $this->persons, 0), 0.0);

        return $this->best;
    }

    /** @param array<string, int> $who */
    public function cost(array $who): float
    {
        $busy = array_fill(0, $this->persons, 0);
        $handed = 0;
        foreach ($this->jobs as $job) {
            $busy[$who[$job->id]] += $job->minutes;
            $handed += null !== $job->next && isset($who[$job->next]) && $who[$job->next] !== $who[$job->id] ? 1 : 0;
        }

        return self::UNEVEN * ((int) max([0, ...$busy]) - (int) min([\PHP_INT_MAX, ...$busy])) + self::HANDOVER * $handed;
    }

    /**
     * @param array<string, int> $who  person by job so far
     * @param array<int, int>    $ends when each person's last job ends
     * @param array<int, int>    $busy minutes of each so far
     */
    private function next(int $n, array $who, array $ends, array $busy, float $called): void
    {
        if (++$this->steps > self::MOST_STEPS) {
            return;
        }
        if ($n === \count($this->jobs)) {
            $cost = $this->cost($who);
            if ($cost < $this->least) {
                [$this->best, $this->least] = [$who, $cost];
            }

            return;
        }
        $job = $this->jobs[$n];
        $start = $this->starts[$job->id];
        $kept = array_map(static fn (Job $j): int => $who[$j->id], array_filter(
            \array_slice($this->jobs, 0, $n), static fn (Job $j): bool => $job->id === $j->next,
        ));
        $order = range(0, $this->persons - 1);
        $liking = static fn (int $k): float => self::UNEVEN * $busy[$k] - self::HANDOVER * \count(array_keys($kept, $k, true));
        usort($order, static fn (int $a, int $b): int => $liking($a) <=> $liking($b));
        foreach ($order as $k) {
            $more = $ends[$k] <= $start ? ($this->costOf)($k, $start, $job->minutes) : null;
            if (null !== $more && $called + $more <= $this->called) {
                $this->next(
                    $n + 1, $who + [$job->id => $k], array_replace($ends, [$k => $start + $job->minutes]),
                    array_replace($busy, [$k => $busy[$k] + $job->minutes]), $called + $more,
                );
            }
        }
    }
}
