<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Quantity\Duration;

/**
 * How long frozen meat takes to thaw in a fridge: by its heaviest piece, less where that is flat. The usual advice of food-safety
 * authorities is a day for each 2 to 2½ kg, small pieces overnight.
 */
final readonly class Thawing
{
    private const HOURS_PER_KILOGRAM = 12.0;
    /** Of pieces no thicker than that, cm, which lie side by side. */
    private const FLAT_CENTIMETRES = 4.0;
    private const FLAT_SHARE = 0.75;
    private const LEAST_HOURS = 12.0;

    private function __construct()
    {
    }

    public static function of(Meats $meats): Duration
    {
        return Duration::hours(max(self::LEAST_HOURS, ...array_map(self::ofJoint(...), $meats->all())));
    }

    private static function ofJoint(Joint $joint): float
    {
        return self::HOURS_PER_KILOGRAM * $joint->boneless->kilograms / $joint->count
            * ($joint->thickness()->inCentimetres() <= self::FLAT_CENTIMETRES ? self::FLAT_SHARE : 1.0);
    }
}
