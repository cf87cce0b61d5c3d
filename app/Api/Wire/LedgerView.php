<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One change to the recipe. */
final readonly class LedgerView
{
    public function __construct(
        public string $code,
        public string $was,
        public string $is,
        public string $why,
        public ?SumView $sum,
    ) {
    }
}
