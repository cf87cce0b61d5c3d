<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Starch for what is left in the pot. */
final readonly class SlurryView
{
    public function __construct(
        public string $starch,
        public string $cold,
        public string $spoons,
        public string $reduce,
        public SumView $sum,
        public string $text,
    ) {
    }
}
