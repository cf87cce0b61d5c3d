<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What was made of a recipe: the beginning of a draft, and how it was understood. */
final readonly class ReadRecipe
{
    /**
     * @param list<UnderstoodIngredient> $understood
     * @param list<UnderstoodStep>       $steps
     * @param list<UnreadLine>           $unread
     * @param list<MarkView>             $marks
     * @param string                     $measures   whose cups and spoons were assumed
     */
    public function __construct(
        public BraiseDraft $draft,
        public array $understood,
        public array $steps,
        public array $unread,
        public array $marks,
        public string $measures,
    ) {
    }
}
