<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A braise in the list. */
final readonly class BraiseSummary
{
    /** @param string $state planned, past, cooking or cooked */
    public function __construct(
        public string $id,
        public string $title,
        public string $headline,
        public string $serveText,
        public string $state,
        public ?string $cookId,
        public int $revision,
    ) {
    }
}
