<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One addend of a sum. */
final readonly class TermView
{
    public function __construct(
        public string $text,
        public string $rule,
        public string $value,
        public float $number,
    ) {
    }
}
