<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A stretch of time, ISO 8601. */
final readonly class SpanView
{
    public function __construct(
        public string $from,
        public string $to,
    ) {
    }
}
