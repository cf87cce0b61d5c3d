<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\UnitSystem;

/** What was made of a recipe's text. Every character of it is in exactly one mark. */
final readonly class Reading
{
    /**
     * @param string                                               $text        the source, without control characters
     * @param list<Ingredient>                                     $ingredients
     * @param list<Step>                                           $steps       sentences in order
     * @param list<array{line: int, source: string, kind: string}> $unread      kind as a mark's: unread, tip, around; never dropped
     * @param list<Mark>                                           $marks
     * @param UnitSystem                                           $system      whose cups and spoons were assumed
     * @param list<Way>                                            $ways        alternatives, the one that the text tells first first
     * @param list<Act>                                            $acts        in order, several a step
     * @param int|null                                             $anotherAt   the line on which another recipe begins, which is not read
     */
    public function __construct(
        public string $text,
        public string $title,
        public ?int $serves,
        public array $ingredients,
        public array $steps,
        public array $unread,
        public ?OriginalMethod $original,
        public array $marks,
        public UnitSystem $system,
        public array $ways = [],
        public array $acts = [],
        public ?Structure $structure = null,
        public ?int $anotherAt = null,
    ) {
    }

    /** The way that an original is of; the first of its method. */
    public function wayOf(?OriginalMethod $original): ?Way
    {
        foreach ($this->ways as $way) {
            if ($way->method === $original?->method && null !== $way->original()) {
                return $way;
            }
        }

        return null;
    }

    public function looksLikeRecipe(): bool
    {
        return \count(array_filter($this->ingredients, static fn (Ingredient $i): bool => Role::Unknown !== $i->role)) >= 2;
    }
}
