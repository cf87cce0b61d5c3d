<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A temperature on an axis: where it is, as the house writes it, and whether food is safe above it. */
final readonly class DegreeView
{
    public function __construct(
        public float $celsius,
        public string $text,
        public bool $safe,
    ) {
    }
}
