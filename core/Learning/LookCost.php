<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Tenderness\Doneness;

/**
 * Hours by which one look makes a pot ready later: more for one that is slow, since it has little heat left to make it good with.
 *
 * A straight line over the hours at which it is ready without, through some of the members, from the quickest to the slowest.
 */
final readonly class LookCost
{
    /** Of the members by the hours at which they are ready. */
    private const RANKS = [0.05, 0.15, 0.3, 0.45, 0.6, 0.75, 0.9, 0.95];
    /** Looked at before it is ready. */
    private const BEFORE_READY = 0.9;
    private const HORIZON = 24.0;

    /**
     * @param float $middle hours at which it is ready, around which the line turns
     * @param float $slope  hours an hour
     * @param float $until  hours at which it is ready beyond which nothing is known
     */
    private function __construct(private float $cost, private float $middle = 0.0, private float $slope = 0.0, private float $until = 0.0)
    {
    }

    /** The same for every pot. */
    public static function always(float $hours): self
    {
        return new self($hours);
    }

    /** Of pots that came out so. */
    public static function of(Simulation $simulation, Setup $setup, Outcome $run, Doneness $level): self
    {
        $first = Looks::first($run->doneness($level));
        if (null === $first) {
            return self::always(0.0);
        }
        $index = (int) array_search($level, Doneness::cases(), true);
        $points = [];
        foreach (self::some($run, $index) as $member) {
            $without = $run->courses[$member]->doneness[$index];
            $with = self::looked($simulation, $setup, $run->members[$member], min($first, self::BEFORE_READY * $without), $index);
            if (is_finite($with)) {
                $points[] = [$without, max(0.0, $with - $without)];
            }
        }

        return self::through($points);
    }

    /** Hours, of a pot that would be ready then without a look. */
    public function at(float $readyHours): float
    {
        return max(0.0, $this->cost + $this->slope * (min($readyHours, $this->until) - $this->middle));
    }

    /** Of the slowest. */
    public function most(): float
    {
        return max($this->at($this->until), $this->at(0.0));
    }

    /** @return list<int> */
    private static function some(Outcome $run, int $level): array
    {
        $ready = array_filter(array_map(static fn (Course $c): float => $c->doneness[$level], $run->courses), is_finite(...));
        asort($ready);
        $some = [];
        $passed = 0.0;
        $total = array_sum(array_intersect_key($run->weights, $ready));
        foreach (array_keys($ready) as $member) {
            $passed += $run->weights[$member] / $total;
            if (\count($some) < \count(self::RANKS) && $passed >= self::RANKS[\count($some)]) {
                $some[] = $member;
            }
        }

        return $some;
    }

    private static function looked(Simulation $simulation, Setup $setup, Deviation $member, float $hour, int $level): float
    {
        $lift = new LidLift(Duration::hours($hour), Duration::minutes(Looks::LID_MINUTES));

        return $simulation->run($setup->running($setup->program, [...$setup->events, $lift]), $member, self::HORIZON)->doneness[$level];
    }

    /** @param list<array{float, float}> $points hours at which it is ready, and the cost */
    private static function through(array $points): self
    {
        if ([] === $points) {
            return self::always(0.0);
        }
        $count = \count($points);
        $middle = array_sum(array_column($points, 0)) / $count;
        $cost = array_sum(array_column($points, 1)) / $count;
        $both = $square = 0.0;
        foreach ($points as [$hours, $hoursLater]) {
            $both += ($hours - $middle) * $hoursLater;
            $square += ($hours - $middle) ** 2;
        }

        return new self($cost, $middle, $square > 1e-9 ? $both / $square : 0.0, max(array_column($points, 0)));
    }
}
