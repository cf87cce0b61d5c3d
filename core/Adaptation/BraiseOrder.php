<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Tenderness\Doneness;

/** All a cook says about one braise. */
final readonly class BraiseOrder
{
    /** What tastes right to most: 0.9 to 1.1 %. */
    public const USUAL_SALT_PERCENT = 1.0;
    /** Refuses what the recipe's own time says of the meat. */
    public const NEED_KEY = 'need-from-recipe';

    /**
     * @param list<Ingredient>   $ingredients     as corrected, meat included
     * @param bool               $recipeBoilsWine whether the recipe itself boils its wine down in the open pan
     * @param Mass               $bone            bought with the meat
     * @param ProgramChoice|null $choice          of the setting; null leaves it to the plan
     * @param list<Step>         $steps           of the recipe, as corrected
     * @param list<Ingredient>   $allIngredients  in the places that the steps mean, those left out included
     */
    public function __construct(
        public array $ingredients,
        public int $serves,
        public ?OriginalMethod $original,
        public bool $recipeBoilsWine,
        public Joint $joint,
        public Mass $bone,
        public Cooker $cooker,
        public Room $room,
        public \DateTimeImmutable $now,
        public \DateTimeImmutable $serveAt,
        public Kitchen $kitchen = new Kitchen(),
        public LevelSchool $level = LevelSchool::OwnJuices,
        public Doneness $texture = Doneness::Fork,
        public Thickness $thickness = Thickness::CoatsSpoon,
        public Thickener $thickener = Thickener::CornStarch,
        public ?ProgramChoice $choice = null,
        public ?RecipeNeed $recipeNeed = null,
        public array $steps = [],
        public LedgerChoices $choices = new LedgerChoices(),
        public array $allIngredients = [],
        public Handling $handling = new Handling(),
        public float $saltAimPercent = self::USUAL_SALT_PERCENT,
        public Sureness $sureness = Sureness::NineInTen,
        public Beforehand $beforehand = new Beforehand(),
    ) {
    }

    /** With the meat's need corrected by what the recipe's own time says of it. */
    public function informedByRecipe(): self
    {
        if (null === $this->original || $this->choices->refuses(self::NEED_KEY)) {
            return $this;
        }
        $grams = array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams, $this->potIngredients()));
        $need = RecipeNeed::from($this->original, $this->joint, $this->room, Mass::kilograms($grams / 1000 + $this->joint->boneless->kilograms));

        return null === $need ? $this : $this->changed($this->joint->needing($need->combined, $need->sigma), $this->level, $need, $this->handling, $this->kitchen);
    }

    public function atLevel(LevelSchool $level): self
    {
        return $this->changed($this->joint, $level, $this->recipeNeed, $this->handling, $this->kitchen);
    }

    public function withJoint(Joint $joint): self
    {
        return $this->changed($joint, $this->level, $this->recipeNeed, $this->handling, $this->kitchen);
    }

    public function handled(Handling $handling): self
    {
        return $this->changed($this->joint, $this->level, $this->recipeNeed, $handling, $this->kitchen);
    }

    public function after(Beforehand $beforehand): self
    {
        return $this->changed($this->joint, $this->level, $this->recipeNeed, $this->handling, $this->kitchen, $beforehand);
    }

    public function cookedIn(Kitchen $kitchen): self
    {
        return $this->changed($this->joint, $this->level, $this->recipeNeed, $this->handling, $kitchen);
    }

    private function changed(Joint $joint, LevelSchool $level, ?RecipeNeed $need, Handling $handling, Kitchen $kitchen, ?Beforehand $beforehand = null): self
    {
        return new self($this->ingredients, $this->serves, $this->original, $this->recipeBoilsWine, $joint, $this->bone, $this->cooker,
            $this->room, $this->now, $this->serveAt, $kitchen, $level, $this->texture, $this->thickness, $this->thickener,
            $this->choice, $need, $this->steps, $this->choices, $this->allIngredients, $handling, $this->saltAimPercent, $this->sureness, $beforehand ?? $this->beforehand);
    }

    /** @return list<Ingredient> what goes into the pot beside the meat */
    public function potIngredients(): array
    {
        return array_values(array_filter($this->ingredients, static fn (Ingredient $i): bool => Role::Meat !== $i->role && !$i->optional && PartKind::Braise === $i->part));
    }

    /** @return list<string> what comes out of the pot again and isn't eaten: the larder's, the joint's bones, and what ties it */
    public function toTakeOut(): array
    {
        $out = [];
        foreach ($this->potIngredients() as $i) {
            array_push($out, ...(true === $i->food?->takeOut ? [$i->foodText] : []));
        }
        $texts = [...array_map(static fn (Ingredient $i): string => $i->source, $this->ingredients), ...array_map(static fn (Step $s): string => $s->source, $this->steps)];
        $ties = array_filter(TakeOut::tiesIn(implode("\n", $texts)), static fn (string $tie): bool => [] === array_filter($out, static fn (string $one): bool => str_contains(mb_strtolower($one), $tie)));

        return array_values(array_unique([...$out, ...$ties, ...($this->joint->cut->bone > 0 ? ['bones'] : [])]));
    }

    /** @return list<Ingredient> what is made and served beside the pot, or on top */
    public function besideThePot(): array
    {
        return array_values(array_filter($this->ingredients, static fn (Ingredient $i): bool => PartKind::Braise !== $i->part));
    }

    /** @return list<Ingredient> what the recipe names and the cook has marked as none */
    public function leftOut(): array
    {
        return array_values(array_filter($this->allIngredients, fn (Ingredient $i): bool => !\in_array($i, $this->ingredients, true)));
    }

    /** The meat that the recipe asks for, over what the cook has; 1 where the recipe doesn't say. */
    public function recipeMeatScale(): float
    {
        $grams = array_sum(array_map(static fn (Ingredient $i): float => Role::Meat === $i->role ? (float) $i->grams : 0.0, $this->ingredients));

        return $grams > 0 ? $grams / ($this->joint->boneless->inGrams() + $this->bone->inGrams()) : 1.0;
    }
}
