<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/** The standard normal distribution. */
final class Normal
{
    /** Φ(x); absolute error below 1.5e-7 (Handbook of Mathematical Functions, 7.1.26). */
    public static function cumulative(float $x): float
    {
        $z = abs($x) / \M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $z);
        $tail = (((((1.061405429 * $t - 1.453152027) * $t) + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$z * $z);

        return $x >= 0 ? 1 - $tail / 2 : $tail / 2;
    }

    /** Φ⁻¹(p) for 0 < p < 1; relative error below 1.2e-9 (a rational approximation in three pieces). */
    public static function quantile(float $p): float
    {
        if ($p <= 0 || $p >= 1) {
            throw new \DomainException('A quantile needs a probability between 0 and 1.');
        }
        if ($p > 0.5) {
            return -self::quantile(1 - $p);
        }
        if ($p < 0.02425) {
            $q = sqrt(-2 * log($p));

            return (((((-7.784894002430293e-3 * $q - 3.223964580411365e-1) * $q - 2.400758277161838) * $q - 2.549732539343734) * $q
            + 4.374664141464968) * $q + 2.938163982698783)
                / ((((7.784695709041462e-3 * $q + 3.224671290700398e-1) * $q + 2.445134137142996) * $q + 3.754408661907416) * $q + 1);
        }
        $q = $p - 0.5;
        $r = $q * $q;

        return (((((-3.969683028665376e1 * $r + 2.209460984245205e2) * $r - 2.759285104469687e2) * $r + 1.383577518672690e2) * $r
            - 3.066479806614716e1) * $r + 2.506628277459239) * $q
            / (((((-5.447609879822406e1 * $r + 1.615858368580409e2) * $r - 1.556989798598866e2) * $r + 6.680131188771972e1) * $r
            - 1.328068155288572e1) * $r + 1);
    }
}
