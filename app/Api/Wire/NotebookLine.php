<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One planned value against what happened. */
final readonly class NotebookLine
{
    public function __construct(
        public string $what,
        public string $planned,
        public string $happened,
    ) {
    }
}
