<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;

/** What other ways of braising lose as steam. Estimates for a heavy 28 cm pot, docs/model.md §5. */
final class Evaporation
{
    public const OVEN_LIDDED = 110.0;    // g/h
    public const HOB_LIDDED = 120.0;     // g/h
    public const PRESSURE = 40.0;        // g a cook

    /** @return float grams, all of it */
    public static function of(OriginalMethod $original): float
    {
        return match ($original->method) {
            Method::Oven => self::OVEN_LIDDED * $original->hours,
            Method::Hob => self::HOB_LIDDED * $original->hours,
            Method::Pressure => self::PRESSURE,
            // SauceBalance takes this pot's own.
            Method::SlowCooker => 0.0,
        };
    }
}
