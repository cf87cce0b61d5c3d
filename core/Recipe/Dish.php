<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** A recipe as a process: its parts, what is done in each, the ways in which it may be cooked, and what comes out of the pot again. */
final readonly class Dish
{
    /** Meat that is only taken off its bones needs to be no softer for it. */
    private const PUTS_IN = [ActKind::Load, ActKind::BoilDown, ActKind::HeatUp, ActKind::Deglaze, ActKind::Add];

    /**
     * @param list<Ingredient> $ingredients of all parts; each knows its part
     * @param list<Part>       $parts       the braise first
     * @param list<Way>        $ways        alternatives
     * @param list<TakeOut>    $takeOut
     * @param bool             $bonesServed on the plate
     */
    public function __construct(
        public array $ingredients, public array $parts, public array $ways = [], public array $takeOut = [],
        public bool $bonesServed = false,
    ) {
    }

    /** @return list<Act> of the braise itself, in order */
    public function acts(): array
    {
        foreach ($this->parts as $part) {
            if (PartKind::Braise === $part->kind) {
                return $part->acts;
            }
        }

        return [];
    }

    /** @return list<Part> made and served beside the braise, or on it */
    public function beside(): array
    {
        return array_values(array_filter($this->parts, static fn (Part $p): bool => PartKind::Braise !== $p->kind));
    }

    public function ingredient(string $id): ?Ingredient
    {
        foreach ($this->ingredients as $one) {
            if ($id === $one->key()) {
                return $one;
            }
        }

        return null;
    }

    /** Before the end of the braise, where the recipe has an ingredient go in late. */
    public function late(string $id): ?Minutes
    {
        foreach ($this->acts() as $act) {
            if (Timing::BeforeEnd === $act->when->timing && \in_array($id, $act->foods, true)) {
                return $act->when->offset;
            }
            $left = Timing::AfterStart === $act->when->timing && ActKind::Add === $act->kind && \in_array($id, $act->foods, true)
                ? ($this->slowCookerWay()->minutes?->middle() ?? 0.0) - ($act->when->offset?->middle() ?? 0.0) : 0.0;
            if ($left > 0) {
                return Minutes::exactly($left);
            }
        }

        return null;
    }

    /** Whether something of a kind is done to the braise before it goes into the pot. */
    public function does(ActKind ...$kinds): bool
    {
        return [] !== array_filter(
            $this->acts(), static fn (Act $a): bool => \in_array($a->kind, $kinds, true) && Timing::Before === $a->when->timing,
        );
    }

    /** Whether its meat is pulled apart. */
    public function pulls(): bool
    {
        return [] !== array_filter($this->acts(), static fn (Act $a): bool => $a->pullsApart());
    }

    /** @return list<float> hours after the start at which the lid is lifted to take something out or off */
    public function looks(): array
    {
        $hours = [];
        foreach ($this->acts() as $act) {
            if (Timing::AfterStart === $act->when->timing && \in_array($act->kind, [ActKind::TakeOut, ActKind::Skim], true)) {
                $hours[] = ($act->when->offset?->middle() ?? 0.0) / 60;
            }
        }

        return array_values(array_filter($hours, static fn (float $hour): bool => $hour > 0));
    }

    /** Whether something of the marinade goes into the pot: the braise's own acts put it in, or the marinade as a whole. */
    public function keepsOfMarinade(Ingredient $ingredient): bool
    {
        return PartKind::Marinade === $ingredient->part && [] !== array_filter(
            $this->acts(),
            static fn (Act $a): bool => Timing::Before === $a->when->timing && \in_array($a->kind, self::PUTS_IN, true)
                && (\in_array($ingredient->key(), $a->foods, true) || 1 === preg_match('/\bmarinade\b/iu', $a->words)),
        );
    }

    /** The way in which a slow cooker's recipe is cooked; null where it was written for something else. */
    public function slowCookerWay(): ?Way
    {
        foreach ($this->ways as $way) {
            if (Method::SlowCooker === $way->method) {
                return $way;
            }
        }

        return null;
    }

    /**
     * With the same parts and other ingredients in them.
     *
     * @param list<Ingredient> $ingredients
     */
    public function having(array $ingredients): self
    {
        return new self($ingredients, $this->parts, $this->ways, $this->takeOut, $this->bonesServed);
    }
}
