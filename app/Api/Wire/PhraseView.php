<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One phrase of the verdict, at its own minute of the clock. */
final readonly class PhraseView
{
    /**
     * @param string $kind on, test, likely, sauce or serve
     * @param string $at   ISO 8601
     */
    public function __construct(
        public string $kind,
        public string $at,
        public string $before,
        public string $clock,
        public string $after,
    ) {
    }
}
