<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A level school and what it costs in this pot. */
final readonly class LevelView
{
    /** @param float $level cm when loaded */
    public function __construct(
        public string $value,
        public string $label,
        public string $hint,
        public float $level,
        public string $loadText,
        public string $cost,
    ) {
    }
}
