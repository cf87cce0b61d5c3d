<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What lies with the meat: a food and its share of the room. */
final readonly class RootView
{
    public function __construct(
        public string $food,
        public float $share,
    ) {
    }
}
