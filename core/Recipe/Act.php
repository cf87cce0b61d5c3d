<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One thing done, as a recipe says it. */
final readonly class Act
{
    /**
     * @param string       $id      of its own, which outlives edits
     * @param list<string> $foods   ids of ingredients; meat, base, liquid, sauce for what they have become
     * @param float|null   $celsius of an oven
     * @param string|null  $heat    of a hob (low, medium-low, medium, medium-high, high) or the setting of a slow cooker
     * @param bool         $perSide whether the minutes are for each side
     * @param string|null  $until   the sign to go by, as written
     * @param Minutes|null $offset  after the start, or before the end
     * @param string       $source  the sentence that it stands in, as written
     */
    public function __construct(
        public string $id,
        public ActKind $kind,
        public array $foods = [],
        public ?Minutes $minutes = null,
        public bool $perSide = false,
        public ?float $celsius = null,
        public ?string $heat = null,
        public ?string $until = null,
        public Timing $timing = Timing::Before,
        public ?Minutes $offset = null,
        public string $source = '',
        public float $confidence = 1.0,
    ) {
    }

    public function at(Timing $timing, ?Minutes $offset = null): self
    {
        return new self($this->id, $this->kind, $this->foods, $this->minutes, $this->perSide, $this->celsius, $this->heat, $this->until, $timing, $offset ?? $this->offset, $this->source, $this->confidence);
    }

    public function as(ActKind $kind): self
    {
        return new self($this->id, $kind, $this->foods, $this->minutes, $this->perSide, $this->celsius, $this->heat, $this->until, $this->timing, $this->offset, $this->source, $this->confidence);
    }

    public function lasting(?Minutes $minutes): self
    {
        return new self($this->id, $this->kind, $this->foods, $minutes ?? $this->minutes, $this->perSide, $this->celsius, $this->heat, $this->until, $this->timing, $this->offset, $this->source, $this->confidence);
    }
}
