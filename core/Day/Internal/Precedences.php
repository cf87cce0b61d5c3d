<?php

declare(strict_types=1);

namespace Pausis\Core\Day\Internal;

use Pausis\Core\Day\Job;

/**
 * Whether the jobs of a stretch can be done at all: who does each, and which of two that can't go on together is first.
 *
 * What is known of the times is kept as differences between starts, closed over all paths, so that an order that can't be
 * is seen at once; each job then stands as late as it may, and where two meet that mustn't, either order is tried
 * (precedence constraint posting, Cesta, Oddi and Smith 2002). Complete within its limit of steps. Minutes; hot loops on
 * packed arrays.
 */
final class Precedences
{
    /** Place of the beginning of the stretch among the starts. */
    private const ORIGIN = 0;

    private readonly int $size;
    /** @var list<int> */
    private array $minutes = [0];
    /** @var list<int> */
    private array $rings = [0];
    /** @var list<int> */
    private array $ovens = [0];
    /** @var list<int> places of the jobs that need hands */
    private array $handed = [];
    /** @var array<int, Job> by place, those that somebody must be in the house for */
    private array $minded = [];
    /** @var array<int, int>|null */
    private ?array $starts = null;
    private int $steps = 0;

    public function __construct(private readonly Board $board, private readonly int $mostSteps)
    {
        foreach ($board->jobs as $k => $job) {
            $this->minutes[] = $job->minutes;
            $this->rings[] = $job->rings;
            $this->ovens[] = $job->ovens;
            if ($job->hands) {
                $this->handed[] = $k + 1;
            } elseif ($job->isPutInAndTakenOut()) {
                $this->minded[$k + 1] = $job;
            }
        }
        foreach ($board->reserved as [, $minutes, $rings, $ovens]) {
            $this->minutes[] = $minutes;
            $this->rings[] = $rings;
            $this->ovens[] = $ovens;
        }
        $this->size = \count($this->minutes);
    }

    /** @return array<string, int>|null start of each job, as late as may be; null where there is no way */
    public function starts(): ?array
    {
        $bounds = $this->bounds();
        if (null !== $bounds) {
            $this->solve($bounds, 1 === $this->board->people->count() ? array_fill_keys($this->handed, 0) : []);
        }
        if (null === $this->starts) {
            return null;
        }
        $starts = [];
        foreach ($this->board->jobs as $k => $job) {
            $starts[$job->id] = $this->starts[$k + 1];
        }

        return $starts;
    }

    /** Whether all was looked at, so that what wasn't found doesn't exist. */
    public function isProof(): bool
    {
        return $this->steps < $this->mostSteps;
    }

    /**
     * @return list<int>|null the most by which the start in the column may be after that in the row; null where they contradict each other
     */
    private function bounds(): ?array
    {
        $bounds = array_map(
            fn (int $k): int => 0 === $k % ($this->size + 1) ? 0 : Board::FAR, range(0, $this->size * $this->size - 1),
        );
        $differences = $this->board->differences();
        foreach ($this->board->reserved as $k => [$start]) {
            $place = \count($this->board->jobs) + 1 + $k;
            array_push($differences, [self::ORIGIN, $place, $start], [$place, self::ORIGIN, -$start]);
        }
        foreach ($differences as [$from, $to, $most]) {
            if (!$this->post($bounds, $from, $to, $most)) {
                return null;
            }
        }

        return $bounds;
    }

    /**
     * @param list<int>       $bounds
     * @param array<int, int> $who    person by job so far
     */
    private function solve(array $bounds, array $who): bool
    {
        if (++$this->steps > $this->mostSteps || !$this->tighten($bounds, $who)) {
            return false;
        }
        $pair = $this->meeting($bounds, $who);
        if (null !== $pair) {
            return $this->tryOrders($bounds, $who, $pair);
        }
        $next = $this->unassigned($bounds, $who);
        if (null !== $next) {
            return $this->tryPeople($bounds, $who, $next);
        }
        $this->starts = \array_slice($bounds, 0, $this->size);

        return true;
    }

    /**
     * @param list<int>             $bounds
     * @param array<int, int>       $who
     * @param list<array{int, int}> $orders
     */
    private function tryOrders(array $bounds, array $who, array $orders): bool
    {
        // The order that leaves more room first.
        usort($orders, fn (array $a, array $b): int => $this->room($bounds, ...$b) <=> $this->room($bounds, ...$a));
        foreach ($orders as [$first, $then]) {
            $tried = $bounds;
            if ($this->post($tried, $then, $first, -$this->minutes[$first]) && $this->solve($tried, $who)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<int>       $bounds
     * @param array<int, int> $who
     */
    private function tryPeople(array $bounds, array $who, int $job): bool
    {
        foreach ($this->board->people->different($who) as $person) {
            if ($this->solve($bounds, $who + [$job => $person])) {
                return true;
            }
        }

        return false;
    }

    /**
     * No job where nobody is there for it, and of two that can't go on together none in the order that can't be.
     *
     * @param list<int>       $bounds
     * @param array<int, int> $who
     */
    private function tighten(array &$bounds, array $who): bool
    {
        do {
            $changed = false;
            $people = $this->board->people;
            foreach ([...$this->handed, ...array_keys($this->minded)] as $k) {
                $latest = $bounds[$k];
                $earliest = -$bounds[$k * $this->size];
                $job = $this->minded[$k] ?? null;
                $last = null === $job
                    ? $people->latest($who[$k] ?? null, $earliest, $latest, $this->minutes[$k])
                    : $people->latestMinded($job, $earliest, $latest);
                if (null === $last) {
                    return false;
                }
                $first = null === $job
                    ? $people->earliest($who[$k] ?? null, $earliest, $last, $this->minutes[$k])
                    : $people->earliestMinded($job, $earliest, $last);
                if ($last < $latest || $first > $earliest) {
                    $changed = true;
                    if (!$this->post($bounds, self::ORIGIN, $k, $last) || !$this->post($bounds, $k, self::ORIGIN, -$first)) {
                        return false;
                    }
                }
            }
            for ($i = 1; $i < $this->size; ++$i) {
                for ($j = $i + 1; $j < $this->size; ++$j) {
                    if (!$this->areApart($i, $j, $who)) {
                        continue;
                    }
                    $ahead = $bounds[$i * $this->size + $j] >= $this->minutes[$i];
                    $behind = $bounds[$j * $this->size + $i] >= $this->minutes[$j];
                    if (!$ahead && !$behind) {
                        return false;
                    }
                    [$first, $then] = $ahead ? [$i, $j] : [$j, $i];
                    if ($ahead !== $behind && $bounds[$then * $this->size + $first] > -$this->minutes[$first]) {
                        $changed = true;
                        if (!$this->post($bounds, $then, $first, -$this->minutes[$first])) {
                            return false;
                        }
                    }
                }
            }
        } while ($changed);

        return true;
    }

    /**
     * Where jobs meet that mustn't, as late as each may be: the orders of two of them, of which one must hold.
     *
     * @param list<int>       $bounds
     * @param array<int, int> $who
     *
     * @return non-empty-list<array{int, int}>|null
     */
    private function meeting(array $bounds, array $who): ?array
    {
        $tightest = null;
        $least = \PHP_INT_MAX;
        for ($i = 1; $i < $this->size; ++$i) {
            for ($j = $i + 1; $j < $this->size; ++$j) {
                if ($bounds[$i] < $bounds[$j] + $this->minutes[$j] && $bounds[$j] < $bounds[$i] + $this->minutes[$i]
                    && $this->areApart($i, $j, $who)) {
                    $room = min($this->room($bounds, $i, $j), $this->room($bounds, $j, $i));
                    if ($room < $least) {
                        [$least, $tightest] = [$room, [[$i, $j], [$j, $i]]];
                    }
                }
            }
        }

        return $tightest ?? $this->crowd($bounds, $this->rings, $this->board->kitchen->rings)
            ?? $this->crowd($bounds, $this->ovens, $this->board->kitchen->ovens);
    }

    /**
     * @param list<int> $bounds
     * @param list<int> $takes
     *
     * @return non-empty-list<array{int, int}>|null
     */
    private function crowd(array $bounds, array $takes, int $there): ?array
    {
        for ($k = 1; $k < $this->size; ++$k) {
            if ($takes[$k] < 1) {
                continue;
            }
            $meet = [];
            $taken = 0;
            for ($i = 1; $i < $this->size; ++$i) {
                if ($takes[$i] > 0 && $bounds[$i] <= $bounds[$k] && $bounds[$k] < $bounds[$i] + $this->minutes[$i]) {
                    $meet[] = $i;
                    $taken += $takes[$i];
                }
            }
            if ($taken > $there) {
                $orders = [];
                foreach ($meet as $i) {
                    foreach ($meet as $j) {
                        if ($i !== $j && $bounds[$i * $this->size + $j] >= $this->minutes[$i]) {
                            $orders[] = [$i, $j];
                        }
                    }
                }

                return $orders ?: [[$k, $k]];
            }
        }

        return null;
    }

    /**
     * @param list<int>       $bounds
     * @param array<int, int> $who
     */
    private function unassigned(array $bounds, array $who): ?int
    {
        $next = null;
        $least = \PHP_INT_MAX;
        foreach ($this->handed as $k) {
            $room = $bounds[$k] + $bounds[$k * $this->size];
            if (!isset($who[$k]) && $room < $least) {
                [$least, $next] = [$room, $k];
            }
        }

        return $next;
    }

    /**
     * Whether two jobs can't go on together.
     *
     * @param array<int, int> $who
     */
    private function areApart(int $i, int $j, array $who): bool
    {
        return (isset($who[$i], $who[$j]) && $who[$i] === $who[$j])
            || ($this->rings[$i] > 0 && $this->rings[$j] > 0 && $this->rings[$i] + $this->rings[$j] > $this->board->kitchen->rings)
            || ($this->ovens[$i] > 0 && $this->ovens[$j] > 0 && $this->ovens[$i] + $this->ovens[$j] > $this->board->kitchen->ovens);
    }

    /** @param list<int> $bounds */
    private function room(array $bounds, int $first, int $then): int
    {
        return $bounds[$first * $this->size + $then] - $this->minutes[$first];
    }

    /**
     * The start of $to is after that of $from by no more than that, with all that follows; false where it can't be.
     *
     * @param list<int> $bounds
     */
    private function post(array &$bounds, int $from, int $to, int $most): bool
    {
        $n = $this->size;
        if ($most >= $bounds[$from * $n + $to]) {
            return true;
        }
        if ($bounds[$to * $n + $from] + $most < 0) {
            return false;
        }
        for ($a = 0; $a < $n; ++$a) {
            $through = $bounds[$a * $n + $from] + $most;
            if ($through < $bounds[$a * $n + $to]) {
                for ($b = 0; $b < $n; ++$b) {
                    $path = $through + $bounds[$to * $n + $b];
                    if ($path < $bounds[$a * $n + $b]) {
                        $bounds[$a * $n + $b] = $path;
                    }
                }
            }
        }

        return true;
    }
}
