<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Sample;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Tenderness\Doneness;

/** The weighted courses of an ensemble. */
final readonly class Outcome
{
    /** Share of the members from which a distribution of all can be told. */
    private const MOST_ARE_THERE = 0.75;

    /**
     * @param list<Deviation> $members
     * @param list<Course>    $courses     one a member
     * @param list<float>     $weights     sum 1
     * @param list<Sample>    $now         one a member, where one was asked for
     * @param float           $logEvidence logarithm of how likely the evidence was before it was seen, up to a constant
     */
    public function __construct(
        public array $members, public array $courses, public array $weights, public array $now = [], public float $logEvidence = 0.0,
    ) {
    }

    /**
     * The same, where something else is known.
     *
     * @param non-empty-list<float> $logLikelihoods of it, one a member
     */
    public function given(array $logLikelihoods): self
    {
        $most = max($logLikelihoods);
        $weights = array_map(static fn (float $w, float $log): float => $w * exp($log - $most), $this->weights, $logLikelihoods);
        $total = array_sum($weights);

        return new self($this->members, $this->courses, array_map(static fn (float $w): float => $w / $total, $weights), $this->now);
    }

    /**
     * @param array<int, float> $sorted one a member, the least first
     *
     * @return float the one below which such a share of the members lies
     */
    public function valueBelow(array $sorted, float $share): float
    {
        $passed = $value = 0.0;
        foreach ($sorted as $member => $value) {
            $passed += $this->weights[$member];
            if ($passed >= $share) {
                break;
            }
        }

        return $value;
    }

    /** The middle of the members as they are weighted: of factors that of their logarithms. */
    public function middle(): Deviation
    {
        return new Deviation(
            $this->factor(static fn (Deviation $d): float => $d->heat), $this->factor(static fn (Deviation $d): float => $d->loss),
            $this->factor(static fn (Deviation $d): float => $d->need), $this->factor(static fn (Deviation $d): float => $d->thickness),
            $this->mean(static fn (Deviation $d): float => $d->startKelvin), $this->factor(static fn (Deviation $d): float => $d->low),
            $this->factor(static fn (Deviation $d): float => $d->conduction), $this->mean(static fn (Deviation $d): float => $d->zone),
        );
    }

    /** @param callable(Deviation): float $of */
    private function factor(callable $of): float
    {
        return exp($this->mean(static fn (Deviation $d): float => log($of($d))));
    }

    /** @param callable(Deviation): float $of */
    private function mean(callable $of): float
    {
        $sum = 0.0;
        foreach ($this->members as $i => $member) {
            $sum += $this->weights[$i] * $of($member);
        }

        return $sum;
    }

    /** @param float $latest share of such pots that are there by the end of the window */
    public function doneness(Doneness $level, float $latest = 0.9): Window
    {
        $index = array_search($level, Doneness::cases(), true);

        return $this->window(array_map(static fn (Course $c): float => $c->doneness[$index], $this->courses), $latest);
    }

    /**
     * The same of a normal distribution of the logarithms, around the best guess, as wide as the members lie apart: steadier where they are
     * few.
     *
     * @param Course $best the best guess
     */
    public function fitted(Course $best, Doneness $level, float $latest = 0.9): Window
    {
        $index = array_search($level, Doneness::cases(), true);
        $there = array_filter(array_map(static fn (Course $c): float => $c->doneness[$index], $this->courses), is_finite(...));
        $share = array_sum(array_intersect_key($this->weights, $there));
        if ($share < self::MOST_ARE_THERE || !is_finite($best->doneness[$index])) {
            return $this->doneness($level, $latest);
        }
        $mean = $square = 0.0;
        foreach ($there as $i => $hours) {
            $mean += $this->weights[$i] / $share * log($hours);
            $square += $this->weights[$i] / $share * log($hours) ** 2;
        }
        $at = static fn (float $p): float => $best->doneness[$index] * exp(Normal::quantile($p) * sqrt(max(0.0, $square - $mean ** 2)));

        return new Window($at(0.1), $at(0.5), $share < $latest ? null : $at($latest));
    }

    /** Share of the pots that are there by so many hours. */
    public function shareBy(Doneness $level, float $hours): float
    {
        $index = array_search($level, Doneness::cases(), true);
        $share = 0.0;
        foreach ($this->courses as $i => $course) {
            $share += $course->doneness[$index] <= $hours ? $this->weights[$i] : 0.0;
        }

        return $share;
    }

    /** @param float $latest share of such pots that are there by the end of the window */
    public function core60(float $latest = 0.9): Window
    {
        return $this->window(array_map(static fn (Course $c): float => $c->core60, $this->courses), $latest);
    }

    /** Past the temperature at which this meat is safe to eat. */
    public function coreSafe(): Window
    {
        return $this->window(array_map(static fn (Course $c): float => $c->safeCore, $this->courses));
    }

    public function pot60(): Window
    {
        return $this->window(array_map(static fn (Course $c): float => $c->pot60, $this->courses));
    }

    /**
     * Hours at 90 °C still missing now, over the members.
     *
     * @param float $need of the level wanted, as best guessed
     */
    public function missingDose(float $need): Window
    {
        return $this->window(array_map(
            static fn (Deviation $d, Sample $s): float => max(0.0, $need * $d->need - $s->dose), $this->members, $this->now,
        ));
    }

    /** °C at the core now, as most likely. */
    public function coreNow(): float
    {
        return $this->window(array_map(static fn (Sample $s): float => $s->coreCelsius, $this->now))->likely ?? 20.0;
    }

    /** The same members with the same weights, cooked otherwise from now on: what was seen before is in their weights already. */
    public function otherwise(Simulation $simulation, Setup $setup, float $horizon): self
    {
        return new self(
            $this->members, array_map(static fn (Deviation $d): Course => $simulation->run($setup, $d, $horizon), $this->members),
            $this->weights,
        );
    }

    /** 1/Σw²: how many equally weighted members would be as informative. */
    public function effectiveMembers(): float
    {
        return 1 / array_sum(array_map(static fn (float $w): float => $w * $w, $this->weights));
    }

    /**
     * Hours between the 10th and the 90th percentile; null where the last isn't reached.
     *
     * @param list<int> $sorted members in the order in which they are there
     */
    public function width(Doneness $level, array $sorted): ?float
    {
        $index = (int) array_search($level, Doneness::cases(), true);
        $hours = array_map(fn (int $i): float => $this->courses[$i]->doneness[$index], $sorted);
        [$first, $last] = $this->quantiles($hours, $sorted, [0.1, 0.9]);

        return null === $first || null === $last ? null : $last - $first;
    }

    /** @return list<int> members in the order in which they are there */
    public function inOrder(Doneness $level): array
    {
        $index = (int) array_search($level, Doneness::cases(), true);
        $hours = array_map(static fn (Course $c): float => $c->doneness[$index], $this->courses);
        asort($hours);

        return array_keys($hours);
    }

    /** @param list<float> $values INF where never; null for the shares that are among those */
    private function window(array $values, float $latest = 0.9): Window
    {
        asort($values);
        $members = array_keys($values);
        $sorted = array_values($values);
        $twentieths = $this->quantiles($sorted, $members, Window::TWENTIETHS);

        return new Window($twentieths[1], $twentieths[9], $this->quantiles($sorted, $members, [$latest])[0], $twentieths);
    }

    /**
     * @param list<float> $sorted  INF where never; a quantile is null if it falls among those
     * @param list<int>   $members whose they are
     * @param list<float> $shares  the least first
     *
     * @return list<float|null>
     */
    private function quantiles(array $sorted, array $members, array $shares): array
    {
        $found = [];
        $wanted = 0;
        $passed = $lastMiddle = 0.0;
        $lastValue = null;
        foreach ($sorted as $k => $value) {
            $middle = $passed + $this->weights[$members[$k]] / 2;
            while ($wanted < \count($shares) && $middle >= $shares[$wanted]) {
                $found[$wanted++] = match (true) {
                    \INF === $value => null,
                    null === $lastValue, $middle === $lastMiddle => $value,
                    default => $lastValue + ($value - $lastValue) * ($shares[$wanted - 1] - $lastMiddle) / ($middle - $lastMiddle),
                };
            }
            $passed += $this->weights[$members[$k]];
            [$lastMiddle, $lastValue] = [$middle, $value];
        }
        while ($wanted < \count($shares)) {
            $found[$wanted++] = \INF === $lastValue ? null : $lastValue;
        }

        return array_values($found);
    }
}
