<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;

/** One ingredient as understood. */
final readonly class Ingredient
{
    private const READY = '/\b(?:frozen|tinned|canned|tins?|cans?|jars?|jarred|ready[- ]cut|pre-?(?:cut|chopped|sliced))\b/iu';

    /**
     * @param int         $line        1-based in the source; 0 where it came from no line
     * @param string      $source      as written
     * @param string      $amountText  the part read as the amount
     * @param string      $foodText    the part read as the food
     * @param float|null  $grams       null where it can't be told
     * @param float|null  $millilitres for what is poured
     * @param Cut|null    $cut         for meat whose cut was recognised
     * @param string      $notes       what is said about it: drained, sliced, or stock
     * @param bool        $optional    to serve, to dust with, if liked
     * @param float       $confidence  0 to 1
     * @param list<Doubt> $doubts      why the confidence is not 1
     * @param Guess|null  $guess       a word of it that was taken for another
     * @param PartKind    $part        of the recipe to which it belongs
     * @param string      $id          of the line in its recipe; empty where it has none
     * @param string      $group       what the recipe calls it with those that it lists beside it: rub, glaze; empty where nothing
     * @param float|null  $sizeCm      of the pieces that it is cut into, at their thinnest; null where nothing is said
     */
    public function __construct(
        public int $line,
        public string $source,
        public string $amountText,
        public ?Amount $amount,
        public ?float $grams,
        public ?float $millilitres,
        public string $foodText,
        public ?Food $food,
        public ?Cut $cut,
        public Role $role,
        public string $notes,
        public bool $optional,
        public float $confidence,
        public array $doubts = [],
        public ?Guess $guess = null,
        public string $id = '',
        public PartKind $part = PartKind::Braise,
        public string $group = '',
        public ?float $sizeCm = null,
    ) {
    }

    /** What ledger, ticks and pins hang on: its identity, or where it has none its name. */
    public function key(): string
    {
        return '' === $this->id ? $this->foodText : $this->id;
    }

    /** Whether it is peeled or cut before it goes in: vegetables and fruit that aren't bought ready for the pot. */
    public function needsAKnife(): bool
    {
        return \in_array($this->role, [Role::Vegetable, Role::Fruit], true) && true !== $this->food?->whole
            && !preg_match(self::READY, $this->source);
    }

    /** @param string $id outlives corrections of the line */
    public function identified(string $id): self
    {
        return $this->with(id: $id);
    }

    /** Not only if liked. */
    public function needed(): self
    {
        return $this->with(optional: false);
    }

    public function belongingTo(PartKind $part): self
    {
        return $this->with(part: $part);
    }

    public function grouped(string $group): self
    {
        return $this->with(group: $group);
    }

    /** Whether it is of the same food, or the same unknown words. */
    public function isLike(self $other): bool
    {
        return null !== $this->food
            ? $this->food->id === $other->food?->id
            : (null === $this->cut ? $this->foodText === $other->foodText : $this->cut->id === $other->cut?->id);
    }

    /** With the food's own name in place of the words around it. */
    public function named(): self
    {
        return null === $this->food ? $this : $this->with(foodText: $this->food->name);
    }

    public function doubted(Doubt $doubt): self
    {
        return $this->with(doubts: [...$this->doubts, $doubt]);
    }

    /** With an amount that came from somewhere else. */
    public function measured(string $amountText, ?Amount $amount, ?float $grams, ?float $millilitres, Doubt $doubt,
        float $confidence): self
    {
        $doubts = array_values(array_filter(
            $this->doubts, static fn (Doubt $d): bool => Doubt::NoAmount !== $d && Doubt::UsualSize !== $d,
        ));

        return $this->with(
            amountText: $amountText, amount: $amount, grams: $grams, millilitres: $this->role->isPoured() ? $millilitres : null,
            confidence: $confidence, doubts: [...$doubts, $doubt],
        );
    }

    private function with(mixed ...$changed): self
    {
        /** @phpstan-ignore argument.type (its own properties, by name) */
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
