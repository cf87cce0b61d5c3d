<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something typed that cannot be used: where, what, and why in words. */
final readonly class ProblemView
{
    public function __construct(
        public string $path,
        public string $code,
        public string $message,
    ) {
    }
}
