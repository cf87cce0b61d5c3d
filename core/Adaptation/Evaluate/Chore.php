<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Explain\Term;

/** One piece of a braise's own work: the acts that it does, and what that takes. */
final readonly class Chore
{
    /**
     * @param string                          $id        which ticks and pins hang on
     * @param string                          $code      for the words
     * @param list<string>                    $acts      ids
     * @param array<string, float|int|string> $variables
     * @param int                             $minutes   from beginning to end
     * @param Term|null                       $term      minutes by which it makes the whole longer; null where it goes on beside
     * @param Uses                            $uses      hands, rings and oven
     * @param int                             $waits     minutes that what comes of it may wait
     * @param float|null                      $beforeEnd minutes before the sauce is begun, while the pot is on
     * @param float|null                      $atHour    after switching on, in its stead
     */
    public function __construct(
        public string $id,
        public string $code,
        public Stage $stage,
        public array $acts,
        public array $variables,
        public int $minutes,
        public ?Term $term,
        public Uses $uses,
        public int $waits = 0,
        public ?float $beforeEnd = null,
        public ?float $atHour = null,
    ) {
    }

    /** @param list<string> $acts */
    public function doing(array $acts): self
    {
        return new self(
            $this->id, $this->code, $this->stage, [...$this->acts, ...$acts], $this->variables, $this->minutes, $this->term, $this->uses,
            $this->waits, $this->beforeEnd, $this->atHour,
        );
    }

    /** @param array<string, float|int|string> $variables */
    public function with(array $variables): self
    {
        return new self(
            $this->id, $this->code, $this->stage, $this->acts, [...$this->variables, ...$variables], $this->minutes, $this->term,
            $this->uses, $this->waits, $this->beforeEnd, $this->atHour,
        );
    }

    public function lengthening(?Term $term): self
    {
        return new self(
            $this->id, $this->code, $this->stage, $this->acts, $this->variables, $this->minutes, $term, $this->uses, $this->waits,
            $this->beforeEnd, $this->atHour,
        );
    }

    public function timed(Term $term): self
    {
        return new self(
            $this->id, $this->code, $this->stage, $this->acts, $this->variables, (int) max(1, round($term->value)), $term, $this->uses,
            $this->waits, $this->beforeEnd, $this->atHour,
        );
    }

    /** As long as another of its kind. */
    public function lasting(self $other): self
    {
        return new self(
            $this->id, $this->code, $this->stage, $this->acts, $this->variables, $other->minutes, $other->term, $this->uses, $this->waits,
            $this->beforeEnd, $this->atHour,
        );
    }

    public function waiting(int $minutes): self
    {
        return new self(
            $this->id, $this->code, $this->stage, $this->acts, $this->variables, $this->minutes, $this->term, $this->uses, $minutes,
            $this->beforeEnd, $this->atHour,
        );
    }

    public function called(string $id): self
    {
        return new self(
            $id, $this->code, $this->stage, $this->acts, $this->variables, $this->minutes, $this->term, $this->uses, $this->waits,
            $this->beforeEnd, $this->atHour,
        );
    }
}
