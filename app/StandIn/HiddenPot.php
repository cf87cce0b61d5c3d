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
        $noise = new Noise($seed + (int) $after->seconds);

        return (ProbePlace::Core === $place ? $sample->coreCelsius : $sample->potCelsius) + self::SIGMA * $noise->normal();
    }

    public static function truth(int $seed): Deviation
    {
        $random = new Noise($seed);

        return new Deviation(
            exp(Cooker::HEAT_SIGMA * $random->normal()), exp(Spread::LOSS * $random->normal()),
            exp(0.18 * $random->normal()), exp(Spread::THICKNESS_BY_FORM * $random->normal()), 3 * $random->normal(),
        );
    }
}
