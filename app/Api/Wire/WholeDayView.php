<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Everything around the braise in one kitchen. */
final readonly class WholeDayView
{
    /**
     * @param list<JobView>      $jobs   in order of time
     * @param list<PersonView>   $people
     * @param string             $clash  what can’t all be had, in words; empty where all can
     * @param list<OtherPotView> $others other braises of the day
     * @param list<string>       $caught what would have to be done while nobody is there
     */
    public function __construct(
        public array $jobs,
        public array $people,
        public string $clash,
        public array $caught,
        public string $note,
        public array $others,
        public string $othersText,
        public string $lateText,
    ) {
    }
}
