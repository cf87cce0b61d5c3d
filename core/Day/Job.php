<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** A piece of work: how long, what it takes, and how long what comes of it may wait. */
final readonly class Job
{
    /**
     * @param string                          $code      for the wording
     * @param array<string, float|int|string> $variables
     * @param bool                            $hands     whether somebody must be at it
     * @param int                             $waits     minutes that may pass until the next job, or until serving
     * @param \DateTimeImmutable|null         $pinned    when the cook wants it to begin; null leaves it to the plan
     * @param string|null                     $next      the job that takes it up; null where it goes to the table
     */
    public function __construct(
        public string $id,
        public string $code,
        public array $variables,
        public int $minutes,
        public bool $hands,
        public int $rings = 0,
        public int $ovens = 0,
        public int $waits = 0,
        public ?string $next = null,
        public ?\DateTimeImmutable $pinned = null,
    ) {
    }

    public function pinnedAt(?\DateTimeImmutable $at): self
    {
        return new self($this->id, $this->code, $this->variables, $this->minutes, $this->hands, $this->rings, $this->ovens, $this->waits, $this->next, $at);
    }

    /** What a minute of waiting costs: the longer it may wait, the less. */
    public function impatience(): float
    {
        return 1 / (1 + $this->waits / 30);
    }
}
