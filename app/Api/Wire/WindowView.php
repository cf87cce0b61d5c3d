<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** When a doneness level is reached: hours after switching on, and in words; null where not within the longest cook. */
final readonly class WindowView
{
    public function __construct(
        public string $level,
        public string $label,
        public ?float $earliest,
        public ?float $likely,
        public ?float $latest,
        public string $text,
    ) {
    }
}
