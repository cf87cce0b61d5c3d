<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** One line of the recipe as the cook left it: the source as pasted, amount and food as read or corrected. */
final readonly class IngredientDraft
{
    /**
     * @param string $role  empty for the reader's own guess
     * @param string $part  of the recipe: side, topping … ; empty for what goes into the pot
     * @param string $group what the recipe calls it with those listed beside it: rub, glaze; empty where nothing
     * @param string $id    of the line, whatever is made of it; empty where it has none yet
     */
    public function __construct(
        public int $line,
        #[Assert\Length(max: 4000)] public string $source,
        #[Assert\Length(max: 200)] public string $amount,
        #[Assert\Length(max: 400)] public string $food,
        #[Assert\Length(max: 20)] public string $role,
        public bool $ignored,
        #[Assert\Length(max: 400)] public string $id = '',
        #[Assert\Length(max: 20)] public string $part = '',
        #[Assert\Length(max: 20)] public string $group = '',
    ) {
    }
}
