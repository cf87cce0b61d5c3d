<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Window;

/** A day that works. */
final readonly class DayPlan
{
    /**
     * @param list<Task> $tasks       in order of time
     * @param float      $holdMinutes from likely ready to the sauce
     * @param Looks|null $looks       the fork tests that it proposes
     * @param float      $pastShare   of such pots that would be past their best before the sauce is begun; nought where fewer than one in
     *                                ten
     */
    public function __construct(
        public \DateTimeImmutable $switchOn,
        public \DateTimeImmutable $serve,
        public array $tasks,
        public float $holdMinutes,
        public float $pastShare,
        public ?Looks $looks = null,
    ) {
    }

    public function isPastBest(): bool
    {
        return $this->pastShare > 0;
    }

    /** With the fork tests that it proposes. */
    public function window(Window $ready): Window
    {
        return $this->looks?->in($ready) ?? $ready;
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

    /** With the sauce, dinner and all that follows so much later. */
    public function later(int $minutes): self
    {
        $after = static fn (\DateTimeImmutable $at): \DateTimeImmutable => $at->setTimestamp($at->getTimestamp() + 60 * $minutes);
        $moves = [TaskKind::Sauce, TaskKind::Serve, TaskKind::Fridge];
        $tasks = array_map(
            static fn (Task $t): Task => \in_array($t->kind, $moves, true)
                ? new Task($t->kind, $after($t->at), $t->minutes, $t->variables) : $t,
            $this->tasks,
        );

        return new self($this->switchOn, $after($this->serve), $tasks, $this->holdMinutes + $minutes, $this->pastShare, $this->looks);
    }

    /** Plated then. */
    public function servedAt(\DateTimeImmutable $at): self
    {
        return $this->later((int) round(($at->getTimestamp() - $this->serve->getTimestamp()) / 60));
    }

    /** With the work before switching on begun then. */
    public function preparedFrom(\DateTimeImmutable $at): self
    {
        return $this->with(new Task(TaskKind::Prepare, $at, (int) round(($this->switchOn->getTimestamp() - $at->getTimestamp()) / 60)));
    }

    /** With the first fork test then. */
    public function testedAt(\DateTimeImmutable $at): self
    {
        return $this->with(new Task(TaskKind::ForkTest, $at, $this->at(TaskKind::ForkTest)->minutes ?? 0));
    }

    /** With the leftovers put into the fridge then. */
    public function chilledAt(\DateTimeImmutable $at, int $minutes): self
    {
        return $this->with(new Task(TaskKind::Fridge, $at, $minutes));
    }

    /** With the sauce begun then. */
    public function sauceAt(\DateTimeImmutable $at): self
    {
        $later = ($at->getTimestamp() - ($this->at(TaskKind::Sauce)->at ?? $at)->getTimestamp()) / 60;
        $minutes = (int) round(($this->serve->getTimestamp() - $at->getTimestamp()) / 60);
        $day = $this->with(new Task(TaskKind::Sauce, $at, $minutes));

        return new self($day->switchOn, $day->serve, $day->tasks, $day->holdMinutes + $later, $day->pastShare, $day->looks);
    }

    /** In place of the task of its kind. */
    private function with(Task $task): self
    {
        $tasks = array_map(static fn (Task $t): Task => $t->kind === $task->kind ? $task : $t, $this->tasks);
        usort($tasks, static fn (Task $a, Task $b): int => $a->at <=> $b->at);

        return new self($this->switchOn, $this->serve, $tasks, $this->holdMinutes, $this->pastShare, $this->looks);
    }
}
