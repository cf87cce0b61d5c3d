<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What some words mean in this house. */
final readonly class MeaningView
{
    public function __construct(
        public string $words,
        public string $food,
        public string $role,
        public bool $ignored,
        public string $text,
    ) {
    }
}
