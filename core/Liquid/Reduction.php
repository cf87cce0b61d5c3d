<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;

/** Boiling sauce down in an open pan. Rates are estimates, docs/model.md §6. */
final class Reduction
{
    public const ROLLING_BOIL = 0.40;       // kg/m²·min
    public const STEADY_SIMMER = 0.16;
    public const OPEN_POT = 0.095;          // a braise with its lid off

    /** @param float $rate kg/m²·min */
    public static function timeFor(float $grams, Length $panDiameter, float $rate = self::ROLLING_BOIL): Duration
    {
        return Duration::minutes(max(0.0, $grams) / 1000 / ($rate * \M_PI / 4 * $panDiameter->metres ** 2));
    }

    /** @param float $rate kg/m²·min */
    public static function gramsIn(float $minutes, Length $panDiameter, float $rate): float
    {
        return 1000 * $minutes * $rate * \M_PI / 4 * $panDiameter->metres ** 2;
    }
}
