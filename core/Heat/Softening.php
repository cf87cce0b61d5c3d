<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Length;

/**
 * Vegetables soften by the pot's temperature: S = ∫ 10^((T_pot − 95)/17) dt, minutes at 95 °C.
 *
 * Needs are for pieces 2 cm thick and grow as (thickness/2 cm)^1.2; sour liquid holds pectin, so that vegetables need half as
 * much again and pulses twice as much; at four times its need a piece falls apart, a firm one at eight. Estimates, docs/model.md §3.
 */
final readonly class Softening
{
    private const REFERENCE_CELSIUS = 95.0;
    private const DECADE = 17.0;
    private const REFERENCE_CM = 2.0;
    private const THICKNESS_POWER = 1.2;
    private const SOUR_VEGETABLE = 1.5;
    private const SOUR_PULSE = 2.0;
    /** Without pectin to speak of: sourness does nothing to it. */
    private const WITHOUT_PECTIN = ['mushroom', 'dried-mushroom', 'wild-mushroom'];
    /** Nobody cuts a root thicker than this to save it. */
    private const LARGEST_CM = 7.0;

    private function __construct(
        public float $needMinutes,
        public float $doneMinutes,
        public Softness $softness,
        public ?float $addAtHour,
        public ?Length $cutTo,
    ) {
    }

    /** Minutes at 95 °C that a pot gives from one hour to another. */
    public static function minutes(Course $course, float $from, float $to): float
    {
        $total = 0.0;
        foreach ($course->trace as $k => $row) {
            if ($k > 0 && $row[0] > $from && $course->trace[$k - 1][0] < $to) {
                $previous = $course->trace[$k - 1];
                $share = (min($to, $row[0]) - max($from, $previous[0])) / ($row[0] - $previous[0]);
                $total += $share * ($row[0] - $previous[0]) * 60 * (self::rate($previous[1]) + self::rate($row[1])) / 2;
            }
        }

        return $total;
    }

    /**
     * What becomes of a vegetable that goes in at the start, and what to do about it.
     *
     * @param Course $course traced
     * @param float  $until  hour at which the pot is emptied
     *
     * @throws \LogicException for a food that has no need
     */
    public static function of(Food $food, Length $thickness, bool $sour, Course $course, float $until): self
    {
        $base = ($food->soften ?? throw new \LogicException("$food->id does not soften.")) * ($sour ? self::slowedBy($food) : 1.0);
        $need = $base * ($thickness->inCentimetres() / self::REFERENCE_CM) ** self::THICKNESS_POWER;
        $done = self::minutes($course, 0, $until);
        $softness = match (true) {
            $done < $need => Softness::Hard,
            $done < $food->holds * $need => Softness::Soft,
            default => Softness::FallsApart,
        };
        if (Softness::FallsApart !== $softness) {
            return new self($need, $done, $softness, null, null);
        }
        $cutTo = self::REFERENCE_CM * ($done / ($food->holds * 0.8) / $base) ** (1 / self::THICKNESS_POWER);

        return new self(
            $need, $done, $softness, self::hourToAdd($need, $course, $until),
            $cutTo <= self::LARGEST_CM ? Length::centimetres($cutTo) : null,
        );
    }

    private static function slowedBy(Food $food): float
    {
        return match (true) {
            \in_array($food->id, self::WITHOUT_PECTIN, true) => 1.0,
            Role::Pulse === $food->role => self::SOUR_PULSE,
            default => self::SOUR_VEGETABLE,
        };
    }

    /** The latest hour from which the pot still gives half as much again as is needed. */
    private static function hourToAdd(float $need, Course $course, float $until): float
    {
        $wanted = 1.5 * $need;
        for ($from = $until; $from > 0; $from -= 1 / 12) {
            if (self::minutes($course, $from, $until) >= $wanted) {
                return $from;
            }
        }

        return 0.0;
    }

    private static function rate(float $celsius): float
    {
        return 10 ** (($celsius - self::REFERENCE_CELSIUS) / self::DECADE);
    }
}
