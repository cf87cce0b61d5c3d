<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Schedule;

/** A day that was found, with the braise as it is done on it. */
final readonly class PlannedDay
{
    public function __construct(public AdaptedBraise $braise, public DayPlan $day, public Schedule $schedule)
    {
    }
}
