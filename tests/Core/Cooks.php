<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Event;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;

/** The cooks of the reference cases, and variations of them. */
final class Cooks
{
    /** @param list<Event> $events */
    public static function chuck(
        float $kilograms = 1.3, ?Program $program = null, array $events = [], float $watts = 241.5, float $altitude = 0.0,
        float $heatFactor = 1.0,
    ): Setup {
        return new Setup(
            new Cooker(Volume::litres(5.7), Shape::Oval, Power::watts($watts), $heatFactor),
            new Room(Temperature::celsius(21), $altitude),
            Temperature::celsius(20),
            self::joint('beef-chuck', $kilograms, startCelsius: 10),
            [
                new Content(Mass::kilograms(0.5), 4050, Temperature::celsius(20)),
                new Content(Mass::kilograms(0.5), 3900, Temperature::celsius(15)),
            ],
            $program ?? self::on(Setting::Low),
            $events,
        );
    }

    public static function joint(string $cut, float $kilograms, int $pieces = 1, ?float $thicknessCm = null, float $startCelsius = 5): Joint
    {
        $problems = new Problems();
        $found = Cuts::load()->find($cut) ?? throw new \LogicException("No cut $cut.");

        return Joint::tryFrom($found, $kilograms, $pieces, $thicknessCm, $startCelsius, null, $problems)
            ?? throw new \LogicException(json_encode($problems->all(), \JSON_THROW_ON_ERROR));
    }

    public static function on(Setting $setting): Program
    {
        return Program::of([new SettingChange(Duration::hours(0), $setting)]);
    }

    public static function highThenLow(float $hours): Program
    {
        return Program::of([
            new SettingChange(Duration::hours(0), Setting::High), new SettingChange(Duration::hours($hours), Setting::Low),
        ]);
    }

    public static function lift(float $hour, float $minutes): LidLift
    {
        return new LidLift(Duration::hours($hour), Duration::minutes($minutes));
    }
}
