<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Tenderness\Doneness;

/** The weighted courses of an ensemble. */
final readonly class Outcome
{
    /**
     * @param list<Deviation> $members
     * @param list<Course>    $courses one a member
     * @param list<float>     $weights sum 1
     */
    public function __construct(public array $members, public array $courses, public array $weights)
    {
    }

    public function doneness(Doneness $level): Window
    {
        $index = array_search($level, Doneness::cases(), true);

        return $this->window(array_map(static fn (Course $c): float => $c->doneness[$index], $this->courses));
    }

    public function core60(): Window
    {
        return $this->window(array_map(static fn (Course $c): float => $c->core60, $this->courses));
    }

    public function pot60(): Window
    {
        return $this->window(array_map(static fn (Course $c): float => $c->pot60, $this->courses));
    }

    /** 1/Σw²: how many equally weighted members would be as informative. */
    public function effectiveMembers(): float
    {
        return 1 / array_sum(array_map(static fn (float $w): float => $w * $w, $this->weights));
    }

    /** @param list<float> $hours */
    private function window(array $hours): Window
    {
        return new Window($this->quantile($hours, 0.1), $this->quantile($hours, 0.5), $this->quantile($hours, 0.9));
    }

    /** @param list<float> $values INF where never; the quantile is null if it falls among those */
    private function quantile(array $values, float $p): ?float
    {
        asort($values);
        $passed = 0.0;
        $lastMiddle = $lastValue = null;
        foreach ($values as $i => $value) {
            $middle = $passed + $this->weights[$i] / 2;
            if ($middle >= $p) {
                if (\INF === $value) {
                    return null;
                }

                return null === $lastMiddle || $middle === $lastMiddle
                    ? $value
                    : $lastValue + ($value - $lastValue) * ($p - $lastMiddle) / ($middle - $lastMiddle);
            }
            $passed += $this->weights[$i];
            [$lastMiddle, $lastValue] = [$middle, $value];
        }

        return \INF === $lastValue ? null : $lastValue;
    }
}
