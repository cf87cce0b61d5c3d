<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Jobs with their times. */
final readonly class Schedule
{
    /**
     * @param list<Placed> $placed  in order of time
     * @param float        $cost    minutes of waiting, each weighed by how ill it can wait, and what is done while busy
     * @param bool         $optimal whether nothing cheaper exists, or only nothing cheaper was found
     */
    public function __construct(public array $placed, public float $cost, public bool $optimal)
    {
    }

    public function and(self $other): self
    {
        return new self([...$this->placed, ...$other->placed], $this->cost + $other->cost, $this->optimal && $other->optimal);
    }

    public function find(string $job): ?Placed
    {
        foreach ($this->placed as $placed) {
            if ($job === $placed->job->id) {
                return $placed;
            }
        }

        return null;
    }
}
