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
     * @param bool                       $asksTheWay whether the way of cooking was told from too little
     * @param int|null                   $anotherAt  the line on which another recipe begins, which was not read
     * @param list<WayRead>              $ways       in which the recipe may be cooked, the one that was taken first
     */
    public function __construct(
        public BraiseDraft $draft,
        public array $understood,
        public array $steps,
        public array $unread,
        public array $marks,
        public string $measures,
        public bool $asksTheWay = false,
        public array $ways = [],
        public ?int $anotherAt = null,
    ) {
    }
}
