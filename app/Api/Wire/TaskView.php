<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One line of the plan. */
final readonly class TaskView
{
    /**
     * @param string $at    ISO 8601
     * @param string $who   whose hands it takes, where that is known
     * @param bool   $hands whether it takes somebody’s
     * @param string $job   id of a side dish's job, which can be ticked off; empty for the pot's own
     */
    public function __construct(
        public string $kind,
        public string $at,
        public string $clock,
        public int $minutes,
        public string $text,
        public string $detail,
        public string $job = '',
        public string $who = '',
        public bool $hands = true,
    ) {
    }
}
