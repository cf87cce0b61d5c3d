<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Quantity\Duration;

/** The ways of running the cooker that are looked at. */
enum ProgramChoice: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';
    case HighThenLow = 'high-then-low';

    public function program(Cooker $cooker, Handling $handling = new Handling()): Program
    {
        $steady = Program::steady(match ($this) {
            self::Low => Setting::Low,
            self::Medium => Setting::Medium,
            self::High, self::HighThenLow => Setting::High,
        }, $cooker);
        $program = self::HighThenLow === $this ? $steady->turnedTo(Setting::Low, Duration::hours($handling->highHours), $cooker) : $steady;

        return $handling->delayHours > 0 ? $program->delayed(Duration::hours($handling->delayHours)) : $program;
    }
}
