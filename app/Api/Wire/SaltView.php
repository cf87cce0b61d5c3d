<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Salt in the finished pot. */
final readonly class SaltView
{
    public function __construct(
        public string $before,
        public string $after,
        public string $holdBack,
        public SumView $sum,
        public string $text,
    ) {
    }
}
