<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;

/** A day that was found, with the braise as it is done on it. */
final readonly class PlannedDay
{
    /**
     * @param list<Placed>          $moments what has its moment
     * @param list<Caught>          $caught  what nobody is there for
     * @param array<string, string> $unkept  times set by the cook that can't be kept, by job
     */
    public function __construct(
        public AdaptedBraise $braise, public DayPlan $day, public Schedule $schedule, public array $moments, public array $caught,
        public array $unkept,
    ) {
    }
}
