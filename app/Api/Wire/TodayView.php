<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The house today: what is on, what is to do, what is planned. */
final readonly class TodayView
{
    /**
     * @param list<RunningView>    $running
     * @param string               $jobsOf  the day of the jobs in words; empty where there are none
     * @param list<TodayJob>       $jobs    in order of time
     * @param list<PlannedView>    $planned the next first
     * @param list<PastView>       $past    the last first
     * @param list<FreeCookerView> $free
     */
    public function __construct(
        public string $now,
        public string $date,
        public string $clock,
        public array $running,
        public string $jobsOf,
        public array $jobs,
        public array $planned,
        public array $past,
        public array $free,
        public bool $hasCooker,
    ) {
    }
}
