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

    /** With the work before switching on begun then. */
    public function preparedFrom(\DateTimeImmutable $at): self
    {
        $minutes = (int) round(($this->switchOn->getTimestamp() - $at->getTimestamp()) / 60);
        $tasks = array_map(static fn (Task $t): Task => TaskKind::Prepare === $t->kind ? new Task(TaskKind::Prepare, $at, $minutes) : $t, $this->tasks);

        return new self($this->switchOn, $this->serve, $tasks, $this->holdMinutes, $this->pastBest);
    }
}
