<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One cook in the notebook. */
final readonly class NotebookView
{
    /** @param list<NotebookLine> $lines */
    public function __construct(
        public string $id,
        public string $braiseId,
        public string $title,
        public string $date,
        public array $lines,
        public string $note,
    ) {
    }
}
