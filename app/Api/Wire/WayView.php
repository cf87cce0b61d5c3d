<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A change that makes an impossible day possible; the planner has checked it. */
final readonly class WayView
{
    public function __construct(
        public string $code,
        public string $value,
        public string $text,
    ) {
    }
}
