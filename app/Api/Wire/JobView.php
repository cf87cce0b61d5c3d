<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A job of the day, where it takes place and when. */
final readonly class JobView
{
    /**
     * @param string       $from    ISO 8601
     * @param list<string> $acts    ids of what is done by it; empty for a side dish
     * @param string       $group   braise, or the id of the side
     * @param string       $who     id of the person whose hands it takes; empty where it takes none
     * @param string       $state   ahead, due (its time has come), done, not-yet
     * @param string       $doneAt  clock; empty where nobody has said
     * @param string       $refused why it isn’t when the cook wanted it; empty where nothing is wrong
     */
    public function __construct(
        public string $id,
        public string $text,
        public string $group,
        public string $from,
        public string $to,
        public string $clock,
        public int $minutes,
        public bool $hands,
        public int $rings,
        public int $ovens,
        public string $waits,
        public bool $pinned,
        public string $who,
        public string $person,
        public string $refused,
        public array $acts,
        public string $state,
        public string $doneAt,
    ) {
    }
}
