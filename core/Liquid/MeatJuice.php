<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Mass;

/** What meat gives off as it cooks. Estimates, docs/model.md §5. */
final class MeatJuice
{
    public const FAT_DENSITY = 0.92;        // g/mL
    private const MOST = 0.45;

    /**
     * Share of the lean mass that leaves as juice: 0 below 50 °C, linear to 0.26 at 75 °C and 0.40 at 90 °C,
     * and 0.01 more for each hour above.
     */
    public static function share(float $celsius, float $hoursAbove90): float
    {
        $share = match (true) {
            $celsius <= 50 => 0.0,
            $celsius <= 75 => 0.26 * ($celsius - 50) / 25,
            $celsius <= 90 => 0.26 + 0.14 * ($celsius - 75) / 15,
            default => 0.40,
        };

        return min(self::MOST, $share + 0.01 * max(0.0, $hoursAbove90));
    }

    public static function of(Meats $meats, float $celsius, float $hoursAbove90): Mass
    {
        return $meats->lean()->times(self::share($celsius, $hoursAbove90));
    }

    /** @param float $dose hours at 90 °C */
    public static function renderedFat(Meats $meats, float $dose): Mass
    {
        return $meats->fat()->times(min(0.55, 0.25 + 0.06 * $dose));
    }
}
