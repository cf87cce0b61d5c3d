<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something to do today, of one of the braises. */
final readonly class TodayJob
{
    /**
     * @param string $at     ISO 8601
     * @param string $cookId empty where the pot is not on
     * @param string $job    its id, by which it is ticked; empty where it is answered otherwise
     */
    public function __construct(
        public string $at,
        public string $clock,
        public string $text,
        public int $minutes,
        public bool $hands,
        public string $who,
        public string $braiseId,
        public string $title,
        public string $cookId,
        public string $job,
    ) {
    }
}
