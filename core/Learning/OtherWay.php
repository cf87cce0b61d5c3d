<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Bath;
use Pausis\Core\Heat\Room;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;

/**
 * Braising another way than in a slow cooker: what its time amounts to, and what time it takes.
 *
 * Lidded oven at T_o: the pot tends to T_b − 40·exp(−(T_o − 90)/22) with time constant 0.35 h·(kg/3)^0.67.
 * Lidded hob: T_b − 3, brought to it in a quarter of an hour. Pressure at 100 kPa: 120 °C, and 15 min of release that
 * cook on. Estimates, docs/model.md §3.
 */
final readonly class OtherWay
{
    private const PRESSURE_CELSIUS = 120.0;
    private const RELEASE_HOURS = 0.25;
    private const TO_THE_SIMMER_HOURS = 0.08;
    private const OVEN_TIME_CONSTANT = 0.35;
    /** Standard deviations of ln N: as a recipe's time implies it, and as the cut has it. */
    public const SIGMA_OF_RECIPE = 0.25;

    public function __construct(private OriginalMethod $way, private Room $room, private Mass $pot)
    {
    }

    /**
     * °C that a pot settles at.
     *
     * @param float $boil °C
     */
    public static function settles(OriginalMethod $way, float $boil): float
    {
        return match ($way->method) {
            Method::Oven => $boil - 40 * exp(-(($way->ovenCelsius ?? OriginalMethod::USUAL_OVEN_CELSIUS) - 90) / 22),
            Method::Hob => $boil - 3,
            Method::Pressure => self::PRESSURE_CELSIUS,
            Method::SlowCooker => $boil - 5,
        };
    }

    /**
     * The need that the recipe's time implies, if its author stopped at this level: hours at 90 °C.
     *
     * @param Joint $joint the recipe's
     * @param float $start °C of pot and meat, browned and at the simmer or cold
     */
    public function impliedNeed(Joint $joint, Doneness $level, float $start = 40.0): float
    {
        $hours = $this->way->hours + (Method::Pressure === $this->way->method ? self::RELEASE_HOURS : 0.0);

        return Bath::dose($hours, $joint, $this->course($start), $joint->start->celsius) / $joint->cut->level($level);
    }

    /**
     * Hours of this way that bring the meat to the level from where it is.
     *
     * @param float $done hours at 90 °C that it has had already
     * @param float $pot  °C now, of pot and meat
     */
    public function hoursFrom(Joint $joint, Doneness $level, float $done, float $pot): float
    {
        return $this->hoursFor($joint, $joint->needHours * $joint->cut->level($level) - $done, $pot);
    }

    /**
     * Hours of this way that give the meat so much more.
     *
     * @param float $dose hours at 90 °C still missing
     * @param float $pot  °C now, of pot and meat
     *
     * @return float INF where not within a day
     */
    public function hoursFor(Joint $joint, float $dose, float $pot): float
    {
        $hours = $dose <= 0 ? 0.0 : Bath::hoursTo($dose, $joint, $this->course($pot), $pot);

        return Method::Pressure === $this->way->method ? max(0.0, $hours - self::RELEASE_HOURS) : $hours;
    }

    /**
     * Two estimates of one need, as log-normal: the geometric mean, each weighted by its certainty.
     *
     * @return array{float, float} hours at 90 °C, and the standard deviation of its logarithm
     */
    public static function combined(float $ofCut, float $sigmaOfCut, float $implied, float $sigmaOfRecipe = self::SIGMA_OF_RECIPE): array
    {
        $weightOfCut = 1 / $sigmaOfCut ** 2;
        $weightOfRecipe = 1 / $sigmaOfRecipe ** 2;
        $total = $weightOfCut + $weightOfRecipe;

        return [exp(($weightOfCut * log($ofCut) + $weightOfRecipe * log($implied)) / $total), sqrt(1 / $total)];
    }

    /** @return \Closure(float): float */
    private function course(float $start): \Closure
    {
        $settles = self::settles($this->way, $this->room->boilingPoint()->celsius);
        $constant = match ($this->way->method) {
            Method::Oven => self::OVEN_TIME_CONSTANT * ($this->pot->kilograms / 3) ** 0.67,
            default => self::TO_THE_SIMMER_HOURS,
        };

        return static fn (float $hour): float => $settles - ($settles - $start) * exp(-$hour / $constant);
    }
}
