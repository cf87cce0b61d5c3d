<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** One line of the backward plan. */
final readonly class Task
{
    /** @param array<string, float|int|string> $variables for the wording */
    public function __construct(
        public TaskKind $kind,
        public \DateTimeImmutable $at,
        public int $minutes,
        public array $variables = [],
    ) {
    }

    public function end(): \DateTimeImmutable
    {
        return $this->at->setTimestamp($this->at->getTimestamp() + 60 * $this->minutes);
    }
}
