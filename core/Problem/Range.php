<?php

declare(strict_types=1);

namespace Pausis\Core\Problem;

/** The physical range of one kind of input, both ends included. */
final readonly class Range
{
    private function __construct(public float $least, public float $most, public string $unit)
    {
    }

    public static function meatKilograms(): self
    {
        return new self(0.05, 12, 'kg');
    }

    public static function contentKilograms(): self
    {
        return new self(0, 20, 'kg');
    }

    public static function capacityLitres(): self
    {
        return new self(0.5, 20, 'L');
    }

    public static function watts(): self
    {
        return new self(20, 3000, 'W');
    }

    public static function heatFactor(): self
    {
        return new self(0.3, 2, '');
    }

    public static function roomCelsius(): self
    {
        return new self(0, 45, '°C');
    }

    /** Food or insert that is neither frozen nor already at the boil of a pressure cooker. */
    public static function startCelsius(): self
    {
        return new self(-1, 100, '°C');
    }

    public static function altitudeMetres(): self
    {
        return new self(-450, 5000, 'm');
    }

    public static function specificHeat(): self
    {
        return new self(500, 4300, 'J/kg·K');
    }

    public static function thicknessCentimetres(): self
    {
        return new self(0.5, 30, 'cm');
    }

    public static function pieces(): self
    {
        return new self(1, 60, '');
    }

    /** Of what a thermometer in the pot can read. */
    public static function probeCelsius(): self
    {
        return new self(0, 115, '°C');
    }

    public static function needHours(): self
    {
        return new self(0.2, 20, 'h at 90 °C');
    }

    /** Liquid added to a pot that is on, or ladled off it. */
    public static function pouredMillilitres(): self
    {
        return new self(5, 5000, 'mL');
    }

    public static function horizonHours(): self
    {
        return new self(0.1, 48, 'h');
    }

    public static function lidOpenMinutes(): self
    {
        return new self(0, 60, 'min');
    }

    public static function powerOffMinutes(): self
    {
        return new self(0, 1440, 'min');
    }

    public static function ovenCelsius(): self
    {
        return new self(70, 300, '°C');
    }

    public static function servings(): self
    {
        return new self(1, 40, '');
    }

    public static function sauceMillilitres(): self
    {
        return new self(20, 10000, 'mL');
    }

    public static function rings(): self
    {
        return new self(0, 8, '');
    }

    /** On High before it is turned down. */
    public static function highHours(): self
    {
        return new self(0.25, 12, 'h');
    }

    /** What a timer may be set to; more than two hours is refused for safety, with words of its own. */
    public static function delayHours(): self
    {
        return new self(0, 12, 'h');
    }

    /** By which guests are waited for. */
    public static function lateHours(): self
    {
        return new self(0, 3, 'h');
    }

    /** By which a recipe's meat is wanted more tender, or less. */
    public static function longerHours(): self
    {
        return new self(0, 6, 'h');
    }

    /** The work on a side dish, or its cooking. */
    public static function sideHours(): self
    {
        return new self(0, 8, 'h');
    }

    public static function panCentimetres(): self
    {
        return new self(14, 45, 'cm');
    }

    public static function saltPercent(): self
    {
        return new self(0.3, 1.6, '%');
    }

    /** Of one liquid to pour. */
    public static function liquidMillilitres(): self
    {
        return new self(0, 10000, 'mL');
    }

    /** Minutes of an act, or its oven's temperature. */
    public static function recipeNumber(): self
    {
        return new self(0, 10_080, '');
    }

    public function holds(float $value): bool
    {
        return is_finite($value) && $value >= $this->least && $value <= $this->most;
    }
}
