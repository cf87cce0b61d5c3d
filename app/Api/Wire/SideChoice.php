<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A side dish that can be planned. */
final readonly class SideChoice
{
    public function __construct(
        public string $value,
        public string $label,
        public string $takes,
    ) {
    }
}
