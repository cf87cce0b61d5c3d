<?php

declare(strict_types=1);

namespace Pausis\Core\Tenderness;

/** Collagen to gelatin, as an equivalent time at 90 °C: dD/dt = 10^((T − 90)/28). Estimate; see docs/model.md §3. */
final class CollagenRate
{
    public const REFERENCE_CELSIUS = 90.0;
    /** K for a factor of ten. */
    public const DECADE = 28.0;

    public static function at(float $celsius): float
    {
        return 10 ** (($celsius - self::REFERENCE_CELSIUS) / self::DECADE);
    }
}
