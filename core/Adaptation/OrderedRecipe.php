<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\SideLeftOut;
use Pausis\Core\Reading\Either;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\OriginalMethod;

/** The recipe of an order, as corrected. */
final readonly class OrderedRecipe
{
    public Dish $dish;

    /**
     * @param list<Ingredient>    $ingredients     meat included
     * @param OriginalMethod|null $original        how its author cooked it
     * @param bool                $recipeBoilsWine whether the recipe itself boils its wine down in the open pan
     * @param Dish|null           $dish            as a process, those left out among its ingredients; null for a list without a method
     * @param RecipeNeed|null     $need            what its own time says of the meat
     * @param list<string>        $told            acts that a side dish of the day does, ids
     * @param list<Either>        $leftToYou       of its liquids, chosen among already
     * @param list<SideLeftOut>   $leftOut         of what it serves beside the braise
     */
    public function __construct(
        public array $ingredients,
        public int $serves,
        public ?OriginalMethod $original = null,
        public bool $recipeBoilsWine = true,
        ?Dish $dish = null,
        public ?RecipeNeed $need = null,
        public array $told = [],
        public array $leftToYou = [],
        public array $leftOut = [],
    ) {
        $this->dish = $dish ?? new Dish($ingredients, []);
    }

    public function as(Dish $dish): self
    {
        return new self(
            $dish->ingredients, $this->serves, $this->original, $this->recipeBoilsWine, $dish, $this->need, $this->told, $this->leftToYou,
            $this->leftOut,
        );
    }

    /** What its own time says of the meat is of the cut that it was written for. */
    public function ofAnotherCut(): self
    {
        return new self(
            $this->ingredients, $this->serves, $this->original, $this->recipeBoilsWine, $this->dish, null, $this->told, $this->leftToYou,
            $this->leftOut,
        );
    }

    public function needing(RecipeNeed $need): self
    {
        return new self(
            $this->ingredients, $this->serves, $this->original, $this->recipeBoilsWine, $this->dish, $need, $this->told, $this->leftToYou,
            $this->leftOut,
        );
    }
}
