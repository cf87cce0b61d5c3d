<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One sentence of the method. */
final readonly class UnderstoodStep
{
    public function __construct(
        public int $line,
        public string $source,
        public string $kind,
        public string $time,
    ) {
    }
}
