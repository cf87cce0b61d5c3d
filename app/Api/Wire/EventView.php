<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something that happened to a running pot. */
final readonly class EventView
{
    /** @param string $id empty where it can't be taken back by itself */
    public function __construct(
        public string $kind,
        public string $clock,
        public string $text,
        public string $id,
    ) {
    }
}
