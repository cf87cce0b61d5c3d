<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What water on Low must have reached, and by when. */
final readonly class WaterLimitView
{
    public function __construct(
        public float $hour,
        public float $celsius,
        public string $text,
    ) {
    }
}
