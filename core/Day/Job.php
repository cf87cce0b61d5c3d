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
     * @param int                             $waits     minutes that may pass until the next job, or until it is due
     * @param string|null                     $next      the job that takes it up; null where it ends in itself
     * @param \DateTimeImmutable|null         $pinned    when the cook wants it to begin; null leaves it to the plan
     * @param \DateTimeImmutable|null         $by        when a job without a next one is due; null where it goes to the table
     * @param int                             $rests     minutes of that which must pass, because waiting helps
     * @param list<string>                    $acts      ids of what is done by it
     * @param string|null                     $after     a job that must be done before this one begins, though another takes that up
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
        public ?\DateTimeImmutable $by = null,
        public ?\DateTimeImmutable $notBefore = null,
        public ?string $after = null,
        public int $rests = 0,
        public array $acts = [],
    ) {
    }

    /** Whether a flame burns under it that is nobody's to stir: it goes by itself while somebody is in the house. */
    public function isOnAFlame(): bool
    {
        return !$this->hands && $this->rings > 0;
    }

    /** Whether it is put on or in by somebody, and taken out by somebody, and goes by itself between. */
    public function isPutInAndTakenOut(): bool
    {
        return !$this->hands && $this->rings + $this->ovens > 0;
    }

    public function pinnedAt(?\DateTimeImmutable $at): self
    {
        return $this->with(pinned: $at);
    }

    /** Taken up by that one. */
    public function before(string $next): self
    {
        return $this->with(next: $next);
    }

    /** Begun no sooner. */
    public function notBefore(\DateTimeImmutable $at): self
    {
        return $this->with(notBefore: $at);
    }

    public function dueBy(\DateTimeImmutable $at): self
    {
        return $this->with(by: $at, pinned: null);
    }

    /** At any time, and after nothing but what leads to it. */
    public function freed(): self
    {
        return $this->with(pinned: null, notBefore: null, after: null);
    }

    /** What comes of it may wait so long. */
    public function waiting(int $minutes): self
    {
        return $this->with(waits: $minutes);
    }

    /** The same among the jobs of several dishes. */
    public function of(string $dish): self
    {
        $named = static fn (?string $id): ?string => null === $id ? null : "$dish $id";

        return $this->with(id: (string) $named($this->id), next: $named($this->next), after: $named($this->after));
    }

    /**
     * In other words.
     *
     * @param array<string, float|int|string> $variables
     */
    public function told(string $code, array $variables): self
    {
        return $this->with(code: $code, variables: $variables);
    }

    private function with(mixed ...$changed): self
    {
        /** @phpstan-ignore argument.type (its own properties, by name) */
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** What a minute of waiting longer than it rests costs: the longer it may wait, the less. */
    public function impatience(): float
    {
        return 1 / (1 + $this->waits / 30);
    }
}
