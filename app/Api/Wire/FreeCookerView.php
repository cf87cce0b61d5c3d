<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cooker with nothing in it. */
final readonly class FreeCookerView
{
    public function __construct(
        public string $id,
        public string $name,
        public float $length,
        public float $depth,
    ) {
    }
}
