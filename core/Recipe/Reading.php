<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What was made of a recipe's text. Every line that holds something is in exactly one of ingredients, steps, title or unread. */
final readonly class Reading
{
    /**
     * @param list<Ingredient>                       $ingredients
     * @param list<Step>                             $steps       sentences in order
     * @param list<array{line: int, source: string}> $unread      shown as not read, never dropped
     */
    public function __construct(
        public string $title,
        public ?int $serves,
        public array $ingredients,
        public array $steps,
        public array $unread,
        public ?OriginalMethod $original,
    ) {
    }
}
