<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** A day that works. */
final readonly class DayPlan
{
    /**
     * @param list<Task> $tasks       in order of time
     * @param float      $holdMinutes from likely ready to the sauce
     * @param bool       $pastBest    whether one pot in ten would be past its best before the sauce is started
     */
    public function __construct(
        public \DateTimeImmutable $switchOn,
        public \DateTimeImmutable $serve,
        public array $tasks,
        public float $holdMinutes,
        public bool $pastBest,
    ) {
    }

    public function at(TaskKind $kind): ?Task
    {
        foreach ($this->tasks as $task) {
            if ($kind === $task->kind) {
                return $task;
            }
        }

        return null;
    }
}
