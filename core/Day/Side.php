<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** A side dish: a chain of jobs that ends on the table. */
final readonly class Side
{
    /**
     * @param string                                                                                                $takes for one serving
     * @param list<array{code: string, base: float, each: float, hands?: bool, ring?: int, oven?: int, waits: int}> $chain
     */
    public function __construct(public string $id, public string $name, public string $takes, private array $chain)
    {
    }

    /** @return list<Job> in order of time */
    public function jobs(int $servings): array
    {
        $jobs = [];
        foreach ($this->chain as $k => $link) {
            $jobs[] = new Job("$this->id-$k", $link['code'], ['side' => $this->name], (int) ceil($link['base'] + $link['each'] * $servings),
                $link['hands'] ?? false, $link['ring'] ?? 0, $link['oven'] ?? 0, $link['waits'], isset($this->chain[$k + 1]) ? "$this->id-".($k + 1) : null);
        }

        return $jobs;
    }
}
