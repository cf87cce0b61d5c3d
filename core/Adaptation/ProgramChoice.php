<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Quantity\Duration;

/** The ways of running the cooker that are looked at. */
enum ProgramChoice: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';
    case HighThenLow = 'high-then-low';

    /** Enough to bring a large joint through the cold hours. */
    private const HOURS_ON_HIGH = 2.0;

    public function program(Cooker $cooker): Program
    {
        $steady = Program::steady(match ($this) {
            self::Low => Setting::Low,
            self::Medium => Setting::Medium,
            self::High, self::HighThenLow => Setting::High,
        }, $cooker);
        if (self::HighThenLow !== $this) {
            return $steady;
        }

        return Program::of([...$steady->changes, new SettingChange(Duration::hours(self::HOURS_ON_HIGH), Setting::Low)]);
    }
}
