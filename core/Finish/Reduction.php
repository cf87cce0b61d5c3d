<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;

/** Boiling sauce down in an open pan. Rates are estimates, docs/model.md §6. */
final class Reduction
{
    public const ROLLING_BOIL = 0.40;       // kg/m²·min

    public static function timeFor(float $grams, Length $panDiameter): Duration
    {
        return Duration::minutes(max(0.0, $grams) / 1000 / (self::ROLLING_BOIL * \M_PI / 4 * $panDiameter->metres ** 2));
    }
}
