<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * A Student distribution of four degrees of freedom and standard deviation 1: what is rarely far off, but then by much (its
 * quantile in closed form, Shaw 2006).
 */
final class Tail
{
    /** Its standard deviation where nine cooks in ten on Low are ready as late as with a normal one: numerical, for 1.3 kg of chuck. */
    public const SIGMA = 1.0;
    /** Of standard deviation 1. */
    private const SCALE = 1 / \M_SQRT2;

    /** Of a standard normal number, the one at the same percentile. */
    public static function of(float $normal): float
    {
        $p = Normal::cumulative($normal);
        $alpha = min(1.0, 4 * $p * (1 - $p));
        $q = cos(acos(sqrt($alpha)) / 3) / sqrt($alpha);

        return self::SCALE * ($normal < 0 ? -1 : 1) * 2 * sqrt(max(0.0, $q - 1));
    }

    /** Of such a number, up to a constant. */
    public static function logDensity(float $x): float
    {
        return -2.5 * log(1 + ($x / self::SCALE) ** 2 / 4);
    }
}
