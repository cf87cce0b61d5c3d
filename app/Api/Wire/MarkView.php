<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A stretch of the recipe and what it was taken for; together they are the text. */
final readonly class MarkView
{
    /** @param int|null $index of the ingredient or the step */
    public function __construct(
        public string $text,
        public string $kind,
        public ?int $index,
    ) {
    }
}
