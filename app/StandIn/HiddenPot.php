<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Pausis\App\Kitchen\RunningPot;
use Pausis\App\Store\CookRecord;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Quantity\Duration;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A simulated thermometer in a simulated pot: how that pot really is nobody is told, but its seed decides it. */
final readonly class HiddenPot
{
    /** Of a kitchen thermometer, K. */
    private const SIGMA = 1.0;

    public function __construct(private FollowCook $follow, private RunningPot $pot)
    {
    }

    /** °C that it reads so long after switching on. */
    public function reads(CookRecord $cook, ProbePlace $place, Duration $after, int $seed): float
    {
        $sample = $this->follow->sample($this->pot->order($cook), $this->pot->running($cook), self::truth($seed), $after);
        $noise = new Randomizer(new Mt19937($seed + (int) $after->seconds));

        return (ProbePlace::Core === $place ? $sample->coreCelsius : $sample->potCelsius) + self::SIGMA * self::normal($noise);
    }

    public static function truth(int $seed): Deviation
    {
        $random = new Randomizer(new Mt19937($seed));

        return new Deviation(
            exp(Cooker::HEAT_SIGMA * self::normal($random)), exp(Spread::LOSS * self::normal($random)),
            exp(0.18 * self::normal($random)), exp(Spread::THICKNESS_BY_FORM * self::normal($random)), 3 * self::normal($random),
        );
    }

    private static function uniform(Randomizer $random): float
    {
        return $random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log(1 - self::uniform($random))) * cos(2 * \M_PI * self::uniform($random));
    }
}
