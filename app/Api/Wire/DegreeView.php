<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A temperature on an axis: where it is, and as the house writes it. */
final readonly class DegreeView
{
    public function __construct(
        public float $celsius,
        public string $text,
    ) {
    }
}
