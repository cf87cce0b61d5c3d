<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Meat\Joint;
use Pausis\Core\Tenderness\CollagenRate;

/**
 * Meat in a bath whose temperature is given, not computed: the oven, the hob, a pressure cooker.
 *
 * The same conduction as in Simulation, backward Euler with 16 shells and half-minute steps.
 */
final readonly class Bath
{
    private const SHELLS = 16;
    private const STEP = 30.0;          // seconds
    private const LONGEST_HOURS = 24.0;

    /**
     * Hours in the bath until the meat's core has had so much dose.
     *
     * @param \Closure(float): float $celsius of the bath, at an hour after the start
     * @param float                  $dose    hours at 90 °C wanted
     * @param float                  $core    °C of the whole piece at the start
     *
     * @return float INF where not within a day
     */
    public static function hoursTo(float $dose, Joint $joint, \Closure $celsius, float $core): float
    {
        $reached = 0.0;
        foreach (self::doses($joint, $celsius, $core) as $step => $now) {
            if ($now >= $dose) {
                return max(0.0, $step - ($now - $dose) / ($now - $reached)) * self::STEP / 3600;
            }
            $reached = $now;
        }

        return \INF;
    }

    /**
     * Hours at 90 °C at the core after so long in the bath.
     *
     * @param \Closure(float): float $celsius of the bath, at an hour after the start
     */
    public static function dose(float $hours, Joint $joint, \Closure $celsius, float $core): float
    {
        $last = 0.0;
        foreach (self::doses($joint, $celsius, $core) as $step => $now) {
            if ($step * self::STEP / 3600 >= $hours) {
                return $now;
            }
            $last = $now;
        }

        return $last;
    }

    /**
     * @param \Closure(float): float $celsius
     *
     * @return iterable<int, float> dose after each half minute
     */
    private static function doses(Joint $joint, \Closure $celsius, float $core): iterable
    {
        $shells = Shells::of($joint->piece, $joint->count, self::SHELLS);
        $theta = array_fill(0, self::SHELLS, $core);
        $alpha = $beta = $diagonal = [];
        for ($i = 0; $i < self::SHELLS; ++$i) {
            $outer = $shells->between[$i] ?? $shells->surface;
            $diagonal[$i] = $shells->heat[$i] / self::STEP + $outer + ($i > 0 ? $shells->between[$i - 1] * (1 - $alpha[$i - 1]) : 0.0);
            $alpha[$i] = $outer / $diagonal[$i];
        }
        $dose = 0.0;
        $rate = CollagenRate::at($core);
        for ($step = 1, $last = (int) (self::LONGEST_HOURS * 3600 / self::STEP); $step <= $last; ++$step) {
            for ($i = 0; $i < self::SHELLS; ++$i) {
                $inwards = $i > 0 ? $shells->between[$i - 1] * $beta[$i - 1] : 0.0;
                $beta[$i] = ($shells->heat[$i] / self::STEP * $theta[$i] + $inwards) / $diagonal[$i];
            }
            $outer = $celsius($step * self::STEP / 3600);
            for ($i = self::SHELLS - 1; $i >= 0; --$i) {
                $outer = $theta[$i] = $alpha[$i] * $outer + $beta[$i];
            }
            $before = $rate;
            $rate = CollagenRate::at($theta[0] - ($theta[1] - $theta[0]) / 8);
            $dose += ($before + $rate) / 2 * self::STEP / 3600;
            yield $step => $dose;
        }
    }
}
