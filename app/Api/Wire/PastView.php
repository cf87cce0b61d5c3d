<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A braise whose day is over. */
final readonly class PastView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $text,
        public bool $cooked,
    ) {
    }
}
