<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What each answer of the fork would be worth, on one clock. Moments are ISO 8601. */
final readonly class ForkOutlook
{
    /**
     * @param string              $from    and to, of the clock
     * @param string              $on      when the pot was switched on
     * @param string              $serve   dinner as it is planned now
     * @param list<AnswerOutlook> $answers from tight to too far
     * @param string              $cost    of a look under the lid, in words; empty where it costs nothing
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $now,
        public string $on,
        public string $serve,
        public array $answers,
        public string $cost,
    ) {
    }
}
