<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The sauce in four numbers and two sums. */
final readonly class LiquidView
{
    public function __construct(
        public string $load,
        public string $recipe,
        public string $target,
        public string $reduce,
        public SumView $original,
        public SumView $atEnd,
        public string $text,
    ) {
    }
}
