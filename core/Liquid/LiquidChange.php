<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Recipe\Ingredient;

/** What becomes of one liquid of the recipe, in mL; without an ingredient it is water that the recipe doesn't have. */
final readonly class LiquidChange
{
    public function __construct(
        public ?Ingredient $ingredient,
        public float $was,
        public float $poured,
        public float $loaded,
        public LiquidFate $fate,
    ) {
    }
}
