<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A line that nothing was made of. */
final readonly class UnreadLine
{
    public function __construct(
        public int $line,
        public string $source,
    ) {
    }
}
