<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One of several values a field may have, with its words. */
final readonly class Choice
{
    public function __construct(
        public string $value,
        public string $label,
        public string $hint,
    ) {
    }
}
