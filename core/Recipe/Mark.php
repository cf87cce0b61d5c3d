<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** A stretch of the source and what it was taken for; all marks in order, put together, are the source. */
final readonly class Mark
{
    /** @param int|null $index of the ingredient or step it belongs to */
    public function __construct(public string $text, public MarkKind $kind, public ?int $index = null)
    {
    }
}
