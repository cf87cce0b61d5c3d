<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;

/** One ingredient as understood. */
final readonly class Ingredient
{
    /**
     * @param int        $line        1-based in the source; 0 where it came from no line
     * @param string     $source      as written
     * @param string     $amountText  the part read as the amount
     * @param string     $foodText    the part read as the food
     * @param float|null $grams       null where it can't be told
     * @param float|null $millilitres for what is poured
     * @param Cut|null   $cut         for meat whose cut was recognised
     * @param float      $confidence  0 to 1
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
    ) {
    }
}
