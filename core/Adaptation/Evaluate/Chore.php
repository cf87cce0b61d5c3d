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
     * @param list<string>                    $foods     ids of what it takes of the list
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
        public array $foods = [],
    ) {
    }

    /**
     * @param list<string> $acts
     * @param list<string> $foods
     */
    public function doing(array $acts, array $foods = []): self
    {
        return $this->changed(acts: [...$this->acts, ...$acts], foods: array_values(array_unique([...$this->foods, ...$foods])));
    }

    /** @param float $hour after switching on */
    public function at(float $hour): self
    {
        return $this->changed(atHour: $hour);
    }

    /** @param float $minutes before the sauce is begun */
    public function beforeTheEnd(float $minutes): self
    {
        return $this->changed(beforeEnd: $minutes);
    }

    /** @param array<string, float|int|string> $variables */
    public function with(array $variables): self
    {
        return $this->changed(variables: [...$this->variables, ...$variables]);
    }

    public function lengthening(?Term $term): self
    {
        return $this->changed(term: $term);
    }

    public function timed(Term $term): self
    {
        return $this->changed(minutes: (int) max(1, round($term->value)), term: $term);
    }

    /** As long as another of its kind. */
    public function lasting(self $other): self
    {
        return $this->changed(minutes: $other->minutes, term: $other->term);
    }

    public function longer(int $minutes): self
    {
        return $this->changed(minutes: $this->minutes + $minutes);
    }

    public function waiting(int $minutes): self
    {
        return $this->changed(waits: $minutes);
    }

    public function called(string $id): self
    {
        return $this->changed(id: $id);
    }

    private function changed(mixed ...$changed): self
    {
        /** @phpstan-ignore argument.type (its own properties, by name) */
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
