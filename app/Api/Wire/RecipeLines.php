<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Ingredient lines to be read one by one: what a cook has split or put together. */
final readonly class RecipeLines
{
    /** @param list<string> $sources */
    public function __construct(
        #[Assert\Count(min: 1, max: 20)] #[Assert\All([new Assert\Length(max: 4000)])] public array $sources,
        public int $line,
        #[Assert\Length(max: 20)] public string $measures,
    ) {
    }
}
