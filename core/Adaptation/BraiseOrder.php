<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Aid;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\LiquidWishes;
use Pausis\Core\Liquid\OwnBoiling;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Tenderness\Doneness;

/** All a cook says about one braise. */
final readonly class BraiseOrder
{
    private const BONED = '/\b(?:boned|boneless|off the bone|without (?:the )?bones?)\b/iu';
    /** Refuses what the recipe's own time says of the meat. */
    public const NEED_KEY = 'need-from-recipe';
    /** Whatever is wished, as a share of what is reckoned. */
    private const LEAST_NEED = 0.4;

    public function __construct(
        public OrderedRecipe $recipe,
        public OrderedMeat $meat,
        public Cooker $cooker,
        public Room $room,
        public \DateTimeImmutable $now,
        public \DateTimeImmutable $serveAt,
        public Kitchen $kitchen = new Kitchen(),
        public Wishes $wishes = new Wishes(),
        public LedgerChoices $choices = new LedgerChoices(),
        public Handling $handling = new Handling(),
        private ?Spread $known = null,
        public ?Closing $closing = null,
        public float $toppedUp = 0.0,
        private float $longerHours = 0.0,
    ) {
    }

    /** @return list<string> settings that the recipe gives for a slow cooker, in its order */
    public function ownSettings(): array
    {
        return str_replace(
            'high+low', ProgramChoice::HighThenLow->value, array_keys($this->recipe->dish->slowCookerWay()->settings ?? []),
        );
    }

    /** @return list<string> settings of the recipe, or where it has none that of the house, the first liked best */
    public function wonted(): array
    {
        $own = $this->ownSettings();

        return [] === $own && null !== $this->wishes->habit ? [$this->wishes->habit->value] : $own;
    }

    /** Cooked in this cooker by a household that knows so much. */
    public function knowing(Knowledge $knowledge): self
    {
        $joint = $this->meat->joint->needing(
            $this->recipe->need->ofCut ?? $this->meat->joint->needHours - $this->longerHours, $knowledge->needSigma(),
        );

        return $this->with(
            meat: $this->meat->as($joint), known: $knowledge->spread(),
            cooker: $knowledge->in($this->cooker),
        );
    }

    /** How uncertain all that is. */
    public function spread(): Spread
    {
        return $this->known?->needing($this->meat->joint->needSigma) ?? Spread::of($this->meat->joint, $this->cooker);
    }

    /**
     * What could be done to know better when it is ready, before the pot is on.
     *
     * @return list<Aid>
     */
    public function aids(): array
    {
        return [
            Aid::Thermometer, ...($this->meat->joint->measured ? [] : [Aid::Ruler]), ...($this->spread()->unknown ? [Aid::Water] : []),
        ];
    }

    /** With the meat's need corrected by what the recipe's own time says of it. */
    public function informedByRecipe(): self
    {
        if (null === $this->recipe->original || $this->choices->refuses(self::NEED_KEY)) {
            return $this;
        }
        $grams = array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams, $this->potIngredients()));
        $pot = Mass::kilograms($grams / 1000 + $this->meat->all()->boneless()->kilograms);
        $need = RecipeNeed::from($this->recipe->original, $this->meat->joint, $this->room, $pot);

        return null === $need ? $this : $this->needing($need);
    }

    /** With meat that is to be so many hours at 90 °C more tender than is reckoned, by this recipe's own experience; or less. */
    public function longer(float $hours): self
    {
        $need = $this->meat->joint->needHours;
        $wanted = max(self::LEAST_NEED * $need, $need + $hours);

        return 0.0 === $hours ? $this : $this->with(
            meat: $this->meat->as($this->meat->joint->needing($wanted)), longerHours: $wanted - $need,
        );
    }

    /** With its sauce closed so, of what is seen in the pot. */
    public function closing(Closing $closing): self
    {
        return $this->with(
            wishes: $this->wishes->closing($closing), closing: $closing,
            choices: $closing->asPlanned ? $this->choices : $this->choices->accepting('thicken', 'reduce'),
        );
    }

    /** With so many mL more in the pot than were loaded, or less where negative. */
    public function toppedUp(float $millilitres): self
    {
        return $this->with(toppedUp: $millilitres);
    }

    public function atLevel(LevelSchool $level): self
    {
        return $this->with(wishes: $this->wishes->atLevel($level));
    }

    public function withJoint(Joint $joint): self
    {
        return $this->with(meat: $this->meat->as($joint));
    }

    public function withMeat(Mass $boneless): self
    {
        return $this->with(meat: $this->meat->weighing($boneless));
    }

    /** As much of the same cut as this, in such pieces. */
    public function butchered(OrderedMeat $meat): self
    {
        return $this->with(meat: $meat);
    }

    /** The same braise with another cut, of which the recipe's own time tells nothing. */
    public function ofMeat(OrderedMeat $meat, Knowledge $knowledge): self
    {
        return $this->with(meat: $meat, recipe: $this->recipe->ofAnotherCut(), known: $knowledge->spread());
    }

    public function handled(Handling $handling): self
    {
        return $this->with(handling: $handling);
    }

    public function after(Beforehand $beforehand): self
    {
        return $this->with(meat: $this->meat->after($beforehand));
    }

    /** Looked at from another moment. */
    public function from(\DateTimeImmutable $now): self
    {
        return $this->with(now: $now);
    }

    public function cookedIn(Kitchen $kitchen): self
    {
        return $this->with(kitchen: $kitchen);
    }

    public function cookedBy(Cooker $cooker): self
    {
        return $this->with(cooker: $cooker, known: null);
    }

    public function servedAt(\DateTimeImmutable $at): self
    {
        return $this->with(serveAt: $at);
    }

    public function choosing(?ProgramChoice $choice): self
    {
        return $this->with(wishes: $this->wishes->choosing($choice));
    }

    public function asSureAs(Sureness $sureness): self
    {
        return $this->with(wishes: $this->wishes->asSureAs($sureness));
    }

    public function cookingDish(Dish $dish): self
    {
        return $this->with(recipe: $this->recipe->as($dish));
    }

    public function needing(RecipeNeed $need): self
    {
        return $this->with(
            meat: $this->meat->as($this->meat->joint->needing($need->combined, $need->sigma)), recipe: $this->recipe->needing($need),
        );
    }

    /** @param mixed ...$changed by name */
    private function with(mixed ...$changed): self
    {
        /** @var array<string, never> $values names and types are this class's own */
        $values = [...get_object_vars($this), ...$changed];

        return new self(...$values);
    }

    /** @return list<Ingredient> what goes into the pot beside the meat */
    public function potIngredients(): array
    {
        return array_values(array_filter(
            $this->recipe->ingredients,
            fn (Ingredient $i): bool => Role::Meat !== $i->role && !$i->optional
                && (PartKind::Braise === $i->part || $this->recipe->dish->keepsOfMarinade($i)),
        ));
    }

    /** @return list<TakeOut> what comes out of the pot again uneaten: the recipe's, the larder's, and the joint's bones */
    public function toTakeOut(): array
    {
        $none = array_map(static fn (Ingredient $i): string => $i->foodText, $this->leftOut());
        $out = array_values(array_filter($this->recipe->dish->takeOut, static fn (TakeOut $t): bool => 'bones' !== $t->name
            && [] === array_filter($none, static fn (string $food): bool => self::names([$t], $food))));
        $bundled = array_map(static fn (Ingredient $i): string => $i->foodText, array_filter(
            $this->potIngredients(), static fn (Ingredient $i): bool => self::isBundled($i, $out),
        ));
        $out = array_values(array_filter($out, static fn (TakeOut $t): bool => !\in_array($t->name, $bundled, true)));
        $acts = $this->recipe->dish->acts();
        foreach ($this->potIngredients() as $i) {
            if (true === $i->food?->takeOut && !self::isEaten($i) && !TakeOut::hasGoneInto($i, $acts) && !self::isBundled($i, $out)
                && !self::names($out, $i->foodText)) {
                $out[] = new TakeOut("out-{$i->key()}", $i->foodText);
            }
        }
        foreach (TakeOut::tiesIn(implode(
            "\n", array_map(static fn (Ingredient $i): string => $i->source, $this->recipe->ingredients),
        )) as $tie) {
            array_push($out, ...(self::names($out, $tie) ? [] : [new TakeOut("out-$tie", $tie)]));
        }

        $boned = [] !== array_filter(
            $this->recipe->ingredients,
            static fn (Ingredient $i): bool => Role::Meat === $i->role && 1 === preg_match(self::BONED, $i->source),
        );

        $pulled = Doneness::Pulls === $this->wishes->texture || $this->recipe->dish->does(ActKind::Shred);

        return $pulled && $this->meat->joint->cut->bone > 0 && !$boned && !$this->recipe->dish->bonesServed
            ? [...$out, new TakeOut('out-bones', 'bones')]
            : $out;
    }

    /**
     * What is tied comes out with its bundle.
     *
     * @param list<TakeOut> $out
     */
    private static function isBundled(Ingredient $i, array $out): bool
    {
        return 1 === preg_match('/\b(?:tied|bundle|muslin)\b/iu', $i->source) && [] !== array_filter(
            $out, static fn (TakeOut $t): bool => 1 === preg_match('/\b(?:bundle|bouquet|bag|muslin)\b/iu', $t->name),
        );
    }

    /** Dried and rubbed, or chopped: nobody fishes it out. */
    private static function isEaten(Ingredient $i): bool
    {
        return \in_array($i->amount?->unit, [Unit::Teaspoon, Unit::Tablespoon, Unit::Dessertspoon, Unit::Pinch], true)
            || 1 === preg_match('/\b(?:chopped|ground|grated|crushed|rubbed|minced|shredded|picked|dried)\b/iu', $i->source);
    }

    /** @param list<TakeOut> $out */
    private static function names(array $out, string $what): bool
    {
        return [] !== array_filter(
            $out,
            static fn (TakeOut $t): bool => str_contains(
                mb_strtolower($t->name), mb_strtolower($what),
            ) || str_contains(mb_strtolower($what), mb_strtolower($t->name)),
        );
    }

    /**
     * Whether wine and its kind are boiled down in a pan: not without one, nor where a slow cooker's own recipe does without, or one
     * that boils its sauce down once the meat is done.
     */
    public function boilsDown(): bool
    {
        return Effort::Cold !== $this->handling->effort
            && ($this->recipe->recipeBoilsWine
                || (Method::SlowCooker !== $this->recipe->original?->method && !$this->boilsDownAtTheEnd()));
    }

    private function boilsDownAtTheEnd(): bool
    {
        return null === $this->wishes->thickness && [] !== $this->ownBoiling()->atEnd;
    }

    /** What the cook wants done with the liquids; another body than the recipe's leaves out what that boils off. */
    public function liquidWishes(): LiquidWishes
    {
        $wishes = $this->choices->liquids($this->potIngredients(), $this->boilsDown());

        return match (true) {
            null === $this->wishes->thickness => $wishes,
            ThickenedBy::BoilingDown === $this->wishes->by => $wishes->leaving($this->wishes->thickness->leftWhenBoiledDown()),
            default => $wishes->leaving(1.0),
        };
    }

    /** What the recipe's own way boils off. */
    public function ownBoiling(): OwnBoiling
    {
        return OwnBoiling::of($this->recipe->dish, $this->recipe->recipeBoilsWine, $this->kitchen->pan());
    }

    /** Whether onions and their kind go into the pot from a hot pan. */
    public function friesBase(): bool
    {
        return Effort::Full === $this->handling->effort
            && ([] === $this->recipe->dish->acts() || $this->recipe->dish->does(ActKind::FryBase, ActKind::Fry));
    }

    /**
     * Grams of corn starch that flour, tomato paste and the like in the pot stand for; what the recipe thickens with at the end isn't
     * there yet.
     */
    public function thickenedAlready(): float
    {
        $later = ClosingStarch::of($this->recipe->dish, $this->choices)->foods ?? [];

        return array_sum(array_map(
            static fn (Ingredient $i): float => \in_array($i->key(), $later, true) ? 0.0 : (float) $i->grams * ($i->food->thick ?? 0.0),
            $this->potIngredients(),
        ));
    }

    /**
     * What the outcome of a pot depends on: no day, and nobody's times.
     *
     * @return list<mixed>
     */
    public function physical(): array
    {
        return [
            $this->recipe, $this->meat, $this->cooker, $this->room, $this->kitchen->pan(), $this->wishes->choosing(null), $this->choices,
            $this->handling->with(switchOn: null, isOn: false, lateMinutes: 0.0), $this->known, $this->toppedUp,
        ];
    }

    /** @return list<Ingredient> what is made and served beside the pot, or on top */
    public function besideThePot(): array
    {
        return array_values(array_filter(
            $this->recipe->ingredients,
            fn (Ingredient $i): bool => PartKind::Braise !== $i->part && !$this->recipe->dish->keepsOfMarinade($i)
                && !$this->isNotMade($i),
        ));
    }

    /** Whether it is only for a side dish of the recipe that the cook leaves out. */
    public function isNotMade(Ingredient $ingredient): bool
    {
        foreach ($this->recipe->leftOut as $side) {
            if (\in_array($ingredient->key(), $side->foods, true) && !$this->choices->refuses($side->key())) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Ingredient> what the recipe names and the cook has marked as none */
    public function leftOut(): array
    {
        return array_values(array_filter(
            $this->recipe->dish->ingredients, fn (Ingredient $i): bool => !\in_array($i, $this->recipe->ingredients, true),
        ));
    }

    /** The meat that the recipe asks for, over what the cook has; 1 where the recipe doesn't say. */
    public function recipeMeatScale(): float
    {
        $grams = array_sum(array_map(
            static fn (Ingredient $i): float => Role::Meat === $i->role ? (float) $i->grams : 0.0, $this->recipe->ingredients,
        ));

        return $grams > 0 ? $grams / (1000 * $this->meat->kilogramsAsBought()) : 1.0;
    }
}
