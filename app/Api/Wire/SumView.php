<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A number as the sum of its terms. */
final readonly class SumView
{
    /** @param list<TermView> $terms */
    public function __construct(
        public string $title,
        public string $total,
        public float $number,
        public array $terms,
    ) {
    }
}
