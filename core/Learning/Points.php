<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * Points that fill the space of standard normal numbers evenly: an extensible rank-1 lattice, shifted (Hickernell, Hong,
 * L'Écuyer and Lemieux 2000). The first 2^m of them are a lattice for each m; the same every time.
 *
 * Generator and shift are the best of some thousands by the error of the 10th, 50th and 90th percentile of sums of the
 * numbers, with 128 points.
 */
final class Points
{
    private const GENERATOR = [1, 6381, 5727, 2939, 4999, 7001, 2425, 931];
    private const SHIFT = [0.8176, 0.2325, 0.791, 0.6124, 0.2353, 0.5587, 0.2815, 0.8088];
    private const EDGE = 1e-6;

    /**
     * @param int $index from 0
     *
     * @return list<float> as many as there are dimensions
     */
    public static function normal(int $index): array
    {
        $turned = 0.0;
        for ($digit = 0.5, $rest = $index; $rest > 0; $rest >>= 1, $digit /= 2) {
            $turned += $digit * ($rest & 1);
        }

        return array_map(static function (int $generator, float $shift) use ($turned): float {
            $at = fmod($turned * $generator + $shift, 1.0);

            return Normal::quantile(min(max($at, self::EDGE), 1 - self::EDGE));
        }, self::GENERATOR, self::SHIFT);
    }
}
