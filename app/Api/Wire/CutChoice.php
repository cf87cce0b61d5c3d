<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cut of meat to choose. */
final readonly class CutChoice
{
    public function __construct(
        public string $value,
        public string $label,
        public bool $inPieces,
        public string $pieceWeight,
    ) {
    }
}
