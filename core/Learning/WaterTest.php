<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/**
 * A cooker learned from a pot of water on Low: its heat factor f by least squares on
 * C·dT/dt = P_low·f − UA·(T − T_room) − h_fg·ṁ(T), and from four readings on also a factor on UA.
 *
 * The same equation as in Heat/Simulation, without meat; fourth-order steps of two minutes. Fitted by Gauss–Newton with
 * numerical derivatives, which converges in a few steps because T is nearly linear in f and UA.
 */
final readonly class WaterTest
{
    public const READINGS_FOR_LOSS = 4;
    /** How well a kitchen thermometer and one pot of water tell f. Estimate. */
    public const SIGMA = 0.04;
    private const WATER_HEAT = 4180.0;      // J/kg·K
    private const STEP = 120.0;             // seconds
    public const TOO_WEAK_CELSIUS = 80.0;
    public const TOO_WEAK_HOURS = 8.0;
    public const UNSAFE_CELSIUS = 60.0;
    public const UNSAFE_HOURS = 4.0;
    private const MOST_READINGS = 48;

    /** @param non-empty-list<array{float, float}> $readings hour and °C, in order of time */
    private function __construct(
        private Cooker $cooker,
        private Mass $water,
        private Temperature $start,
        private Temperature $room,
        private float $boil,
        private array $readings,
    ) {
    }

    /** @param list<array{float, float}> $readings hour after switching on, and °C */
    public static function tryFrom(
        Cooker $cooker, float $waterKilograms, float $startCelsius, float $roomCelsius, float $altitudeMetres, array $readings,
        Problems $problems,
    ): ?self {
        $before = \count($problems->all());
        $problems->within(Range::contentKilograms(), $waterKilograms, 'water.kg');
        if ($waterKilograms > $cooker->capacity->inLitres()) {
            $problems->add('more-than-fits', 'water.kg', ['kg' => $waterKilograms, 'litres' => $cooker->capacity->inLitres()]);
        } elseif ($waterKilograms < 0.2 * $cooker->capacity->inLitres()) {
            $problems->add('too-little-water', 'water.kg', ['kg' => $waterKilograms]);
        }
        $problems->within(Range::startCelsius(), $startCelsius, 'water.temperature');
        $problems->within(Range::roomCelsius(), $roomCelsius, 'room.temperature');
        $problems->within(Range::altitudeMetres(), $altitudeMetres, 'room.altitude');
        if ([] === $readings) {
            $problems->add('missing', 'readings');
        } elseif (\count($readings) > self::MOST_READINGS) {
            $problems->add('too-many', 'readings');
        }
        foreach ($readings as $k => [$hour, $celsius]) {
            $problems->within(Range::horizonHours(), $hour, "readings.$k.atHour");
            $problems->within(Range::startCelsius(), $celsius, "readings.$k.temperature");
        }
        if (\count($problems->all()) > $before || [] === $readings) {
            return null;
        }
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self(
            $cooker, Mass::kilograms($waterKilograms), Temperature::celsius($startCelsius), Temperature::celsius($roomCelsius),
            100 - $altitudeMetres / 300, $readings,
        );
    }

    public function fit(): WaterTestResult
    {
        $factors = [1.0, 1.0];
        $free = \count($this->readings) >= self::READINGS_FOR_LOSS ? 2 : 1;
        for ($i = 0; $i < 12; ++$i) {
            [$heat, $loss] = $this->gaussNewton($factors, $free);
            $factors = [self::moved($factors[0], $heat), self::moved($factors[1], $loss)];
        }
        $residuals = $this->residuals($factors);
        $error = sqrt(array_sum(array_map(static fn (float $r): float => $r * $r, $residuals)) / \count($residuals));
        $hours = array_map(static fn (int $quarters): float => 0.25 * $quarters, range(0, 40));

        return new WaterTestResult($factors[0], $free > 1 ? $factors[1] : null, $error, $this->verdict($factors),
            array_map(static fn (float $hour, float $celsius): array => [$hour, $celsius], $hours, $this->temperatures($factors, $hours)));
    }

    /** One Gauss–Newton step of a factor, kept small and within what a cooker can be. */
    private static function moved(float $factor, float $change): float
    {
        return min(2.0, max(0.3, $factor + max(-0.3, min(0.3, $change))));
    }

    /** @param array{float, float} $factors */
    private function verdict(array $factors): WaterTestVerdict
    {
        [$early, $late] = $this->temperatures($factors, [self::UNSAFE_HOURS, self::TOO_WEAK_HOURS]);

        return match (true) {
            $early < self::UNSAFE_CELSIUS => WaterTestVerdict::Unsafe,
            $late < self::TOO_WEAK_CELSIUS => WaterTestVerdict::TooWeak,
            default => WaterTestVerdict::Fit,
        };
    }

    /**
     * @param array{float, float} $factors
     * @param 1|2                 $free    how many of them are fitted
     *
     * @return array{float, float} change of each
     */
    private function gaussNewton(array $factors, int $free): array
    {
        $now = $this->residuals($factors);
        $slopes = [];
        for ($k = 0; $k < $free; ++$k) {
            $moved = $factors;
            $moved[$k] += 1e-4;
            $slopes[] = array_map(static fn (float $a, float $b): float => ($a - $b) / 1e-4, $this->residuals($moved), $now);
        }
        $aa = self::dot($slopes[0], $slopes[0]);
        $ar = self::dot($slopes[0], $now);
        if (1 === $free) {
            return [-$ar / $aa, 0.0];
        }
        $bb = self::dot($slopes[1], $slopes[1]);
        $ab = self::dot($slopes[0], $slopes[1]);
        $br = self::dot($slopes[1], $now);
        $determinant = $aa * $bb - $ab * $ab;
        if ($determinant < 1e-9 * $aa * $bb) {
            return [-$ar / $aa, 0.0];
        }

        return [(-$ar * $bb + $br * $ab) / $determinant, (-$br * $aa + $ar * $ab) / $determinant];
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }

    /**
     * @param array{float, float} $factors
     *
     * @return list<float> K, computed minus read
     */
    private function residuals(array $factors): array
    {
        $computed = $this->temperatures($factors, array_column($this->readings, 0));

        return array_map(static fn (float $t, array $reading): float => $t - $reading[1], $computed, $this->readings);
    }

    /**
     * @param array{float, float} $factors on the heat and on the loss
     * @param list<float>         $hours   in order
     *
     * @return list<float> °C
     */
    private function temperatures(array $factors, array $hours): array
    {
        $power = $this->cooker->heatAt(Setting::Low)->watts / $this->cooker->heatFactor * $factors[0];
        $loss = $this->cooker->lossCoefficient() * $factors[1];
        $insert = $this->cooker->insertMass()->kilograms * Simulation::INSERT_HEAT;
        $capacity = $this->water->kilograms * self::WATER_HEAT + $insert;
        $room = $this->room->celsius;
        $leak = Simulation::LEAK * $this->cooker->insideArea() * Simulation::LATENT_HEAT;
        $leaking = fn (float $t): float => $leak * exp(($t - $this->boil) / Simulation::LEAK_KELVIN);
        $slope = static fn (float $t): float => ($power - $loss * ($t - $room) - $leaking($t)) / $capacity;

        $t = ($this->water->kilograms * self::WATER_HEAT * $this->start->celsius + $insert * $room) / $capacity;
        $time = 0.0;
        $found = [];
        foreach ($hours as $hour) {
            $steps = (int) ceil(max(0.0, $hour * 3600 - $time) / self::STEP);
            $dt = $steps > 0 ? ($hour * 3600 - $time) / $steps : 0.0;
            for ($i = 0; $i < $steps; ++$i) {
                $a = $slope($t);
                $b = $slope($t + $dt / 2 * $a);
                $c = $slope($t + $dt / 2 * $b);
                $t = min($this->boil, $t + $dt / 6 * ($a + 2 * $b + 2 * $c + $slope($t + $dt * $c)));
            }
            $time = $hour * 3600;
            $found[] = $t;
        }

        return $found;
    }
}
