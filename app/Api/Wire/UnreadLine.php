<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A line that nothing of the pot was made of. */
final readonly class UnreadLine
{
    /** @param string $kind unread; tip, the recipe's own word on it; around, the page and what others say */
    public function __construct(
        public int $line,
        public string $source,
        public string $kind = 'unread',
    ) {
    }
}
