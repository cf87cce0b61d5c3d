<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One instruction of the method as understood. */
final readonly class Step
{
    /**
     * @param array{low: float, high: float}|null $minutes
     * @param bool                                $perSide     whether the minutes are for each side of the meat
     * @param float|null                          $celsius     of the oven
     * @param string|null                         $hob         low, medium-low, medium, medium-high, high
     * @param string|null                         $setting     of a slow cooker: low, medium, high, warm
     * @param string|null                         $until       the sign to go by, as written
     * @param string|null                         $vessel      what it happens in, as written
     * @param list<int>                           $ingredients which of the recipe's ingredients it names, by place
     */
    public function __construct(
        public int $line,
        public string $source,
        public StepKind $kind,
        public ?array $minutes,
        public ?float $celsius,
        public ?Method $method,
        public bool $perSide = false,
        public ?string $hob = null,
        public ?string $setting = null,
        public ?string $until = null,
        public ?string $vessel = null,
        public array $ingredients = [],
        public ?Guess $guess = null,
        public string $id = '',
    ) {
    }

    public function identified(string $id): self
    {
        return new self($this->line, $this->source, $this->kind, $this->minutes, $this->celsius, $this->method, $this->perSide,
            $this->hob, $this->setting, $this->until, $this->vessel, $this->ingredients, $this->guess, $id);
    }

    /** @param list<int> $ingredients */
    public function using(array $ingredients): self
    {
        return new self($this->line, $this->source, $this->kind, $this->minutes, $this->celsius, $this->method, $this->perSide,
            $this->hob, $this->setting, $this->until, $this->vessel, $ingredients, $this->guess, $this->id);
    }

    /** @param array{low: float, high: float}|null $minutes */
    public function corrected(StepKind $kind, ?array $minutes): self
    {
        return new self($this->line, $this->source, $kind, $minutes, $this->celsius, $this->method, $this->perSide,
            $this->hob, $this->setting, $this->until, $this->vessel, $this->ingredients, $this->guess, $this->id);
    }
}
