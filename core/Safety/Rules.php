<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Meat\WhyWarm;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;

/** The usual advice of food-safety authorities, as findings. The local authority and the cooker's booklet come first. */
final class Rules
{
    /** Hours in which the coldest point and the liquid must be past 60 °C, from leaving the fridge. */
    public const HOURS_TO_60 = 4.0;
    /** A fridge's; meat over it has been somewhere else. */
    public const FRIDGE_CELSIUS = 7.0;
    /** No counter makes meat as warm as this through and through. */
    private const HOT_CELSIUS = 30.0;
    /** What was browned or boiled a moment ago is warmer. An estimate: the mean of a cold joint with a hot crust. */
    public const JUST_HOT_CELSIUS = 20.0;
    /** Time constant of thin pieces in still air, and how well a cook measures; estimates. */
    private const FASTEST_WARMING_MINUTES = 40.0;
    private const MEASURED_WITHIN_KELVIN = 3.0;
    /** Cooked meat out of the pot, until it is on the plate. */
    public const LIFTED_HOURS = 2.0;
    public const COUNTER_HOURS = 2.0;
    public const COUNTER_HOURS_HOT = 1.0;
    public const HOT_ROOM_CELSIUS = 32.0;
    public const WARM_HOURS = Program::WARM_HOURS;
    public const HOLDING_CELSIUS = 60.0;
    public const COOKED_UNDER_60_HOURS = 2.0;
    /** Dried beans at a full boil, minutes. */
    public const BEAN_MINUTES = 30;
    /** From serving until leftovers are in the fridge. */
    public const LEFTOVER_HOURS = 2.0;
    public const POULTRY_CELSIUS = 74.0;
    public const MEAT_CELSIUS = 63.0;
    public const REHEAT_CELSIUS = 74.0;
    private const COLD_INSERT_CELSIUS = 10.0;
    /** The time it takes to carry a pan to the pot, and no more. */
    public const BROWNED_AHEAD_HOURS = 0.5;
    /** Times the need. */
    private const LEAN_DRIES = 1.6;
    private const FILL_WARN = 0.75;
    public const FILL_REFUSE = 0.90;
    private const FILL_LOW = 0.40;
    private const LEAN_WANTS_COVERED = 1 / 3;

    /**
     * Hours from leaving the fridge until the coldest point and the liquid are past 60 °C, in nine pots of ten; INF if never.
     *
     * @param float $minutesOut of the fridge before the pot is on
     */
    public static function fridgeTo60(Window $core60, Window $pot60, float $minutesOut): float
    {
        return null === $core60->latest || null === $pot60->latest ? \INF : max($core60->latest, $pot60->latest) + $minutesOut / 60;
    }

    public static function heatingUp(float $fridgeTo60): ?Finding
    {
        return $fridgeTo60 <= self::HOURS_TO_60 ? null : new Finding('slow-to-60', Severity::Refuse, [
            'hours' => \INF === $fridgeTo60 ? 'never' : $fridgeTo60, 'limitHours' => self::HOURS_TO_60,
        ]);
    }

    /**
     * A timer that starts the pot later: everything in it is raw and warms in the room meanwhile.
     *
     * @param Duration $out of the fridge before, loading not counted
     */
    public static function delayedStart(Duration $delay, bool $everythingCold, Temperature $room, Duration $out): ?Finding
    {
        $limit = self::counterHours($room);

        return match (true) {
            $delay->seconds > 0 && $delay->inHours() + $out->inHours() > $limit => new Finding(
                'delayed-too-long', Severity::Refuse, ['hours' => $delay->inHours() + $out->inHours(), 'limitHours' => $limit],
            ),
            $delay->seconds > 0 && !$everythingCold => new Finding('delayed-warm', Severity::Refuse),
            $delay->seconds > 0 => new Finding('delayed', Severity::Warn, ['hours' => $delay->inHours()]),
            default => null,
        };
    }

    /** Raw meat on the counter, at the room's temperature. */
    public static function onTheCounter(Duration $time, Temperature $room): ?Finding
    {
        $limit = self::counterHours($room);

        return $time->inHours() > $limit
            ? new Finding('too-long-on-the-counter', Severity::Refuse, ['hours' => $time->inHours(), 'limitHours' => $limit])
            : null;
    }

    private static function counterHours(Temperature $room): float
    {
        return $room->celsius > self::HOT_ROOM_CELSIUS ? self::COUNTER_HOURS_HOT : self::COUNTER_HOURS;
    }

    /** Frozen meat, and meat that is warmer than a fridge without a reason for it, or than the reason allows. */
    public static function start(Temperature $meat, Beforehand $before, Temperature $room): ?Finding
    {
        $variables = ['celsius' => $meat->celsius, 'limitCelsius' => self::FRIDGE_CELSIUS];

        return match (true) {
            $before->frozen && !$before->thaws => new Finding('frozen-in-recipe', Severity::Refuse),
            WhyWarm::JustHot === $before->why && $meat->celsius < self::JUST_HOT_CELSIUS => new Finding(
                'just-hot-yet-cool', Severity::Refuse, ['celsius' => $meat->celsius, 'limitCelsius' => self::JUST_HOT_CELSIUS],
            ),
            WhyWarm::JustHot === $before->why && null !== $before->since => self::brownedAhead($before->since),
            WhyWarm::LeftOut === $before->why && null === $before->since => new Finding('out-how-long', Severity::Refuse, $variables),
            null === $before->why && $meat->celsius > self::FRIDGE_CELSIUS => new Finding('why-so-warm', Severity::Refuse, $variables),
            WhyWarm::JustHot !== $before->why && $meat->celsius > self::HOT_CELSIUS => new Finding(
                'warm-all-through', Severity::Refuse, ['celsius' => $meat->celsius, 'limitCelsius' => self::HOT_CELSIUS],
            ),
            WhyWarm::LeftOut === $before->why && $meat->celsius > self::warmest($before->onTheCounter(), $room) => new Finding(
                'warmer-than-it-can-be', Severity::Refuse,
                ['celsius' => $meat->celsius, 'hours' => $before->onTheCounter()->inHours(), 'roomCelsius' => $room->celsius],
            ),
            default => null,
        };
    }

    /** No meat from the fridge is warmer than that, all through, after so long in a room. °C */
    private static function warmest(Duration $out, Temperature $room): float
    {
        $share = 1 - exp(-$out->inMinutes() / self::FASTEST_WARMING_MINUTES);

        return self::FRIDGE_CELSIUS + max(0.0, $room->celsius - self::FRIDGE_CELSIUS) * $share + self::MEASURED_WITHIN_KELVIN;
    }

    /** Warm only holds: never under 60 °C, never to cook or to reheat, and not for long. */
    public static function onWarm(Duration $time, Temperature $coolest, bool $cooked): ?Finding
    {
        return match (true) {
            !$cooked => new Finding('cooking-on-warm', Severity::Refuse),
            $coolest->celsius < self::HOLDING_CELSIUS => new Finding(
                'warm-too-cool', Severity::Refuse, ['celsius' => $coolest->celsius, 'limitCelsius' => self::HOLDING_CELSIUS],
            ),
            $time->inHours() > self::WARM_HOURS => new Finding(
                'warm-too-long', Severity::Refuse, ['hours' => $time->inHours(), 'limitHours' => self::WARM_HOURS],
            ),
            default => null,
        };
    }

    /**
     * A power cut.
     *
     * @param bool     $someoneHome while it was out, and so knows how long
     * @param bool     $cooked      whether the meat was done before it
     * @param Duration $under60     how long the pot has been under 60 °C since
     * @param bool     $tooSlow     whether it takes longer from the fridge to 60 °C than it may, the cut counted
     */
    public static function powerCut(bool $someoneHome, bool $cooked, Duration $under60, bool $tooSlow): ?Finding
    {
        $long = $under60->inHours() >= self::COOKED_UNDER_60_HOURS;

        return match (true) {
            !$someoneHome, $long, !$cooked && $tooSlow => new Finding('power-cut-throw-away', Severity::Refuse),
            0.0 === $under60->seconds => null,
            $cooked => new Finding(
                'power-cut-cooked', Severity::Warn, ['hours' => $under60->inHours(), 'limitHours' => self::COOKED_UNDER_60_HOURS],
            ),
            default => new Finding('power-cut-finish-elsewhere', Severity::Warn, [], 'finish-elsewhere'),
        };
    }

    /** A stoneware insert filled the evening before and straight from the fridge. */
    public static function coldInsert(Temperature $insert): ?Finding
    {
        return $insert->celsius < self::COLD_INSERT_CELSIUS
            ? new Finding('cold-insert', Severity::Warn, ['celsius' => $insert->celsius])
            : null;
    }

    /** Meat that was lifted out cools to where germs grow; it is eaten, or goes back. */
    public static function liftedOut(Duration $toThePlate): ?Finding
    {
        return $toThePlate->inHours() > self::LIFTED_HOURS ? new Finding('lifted-too-long', Severity::Refuse, [
            'hours' => $toThePlate->inHours(), 'limitHours' => self::LIFTED_HOURS,
        ]) : null;
    }

    /** Browned or part-cooked meat is not kept to be finished later. */
    public static function brownedAhead(Duration $before): ?Finding
    {
        return $before->inHours() > self::BROWNED_AHEAD_HOURS ? new Finding('browned-ahead', Severity::Refuse) : null;
    }

    /** Lean meat dries where its dose goes on past this before it is served. */
    public static function leanHeld(Joint $joint, float $doseAtServing): ?Finding
    {
        $share = $doseAtServing / $joint->needHours;

        return $joint->cut->lean && $share > self::LEAN_DRIES
            ? new Finding('lean-dries', Severity::Warn, ['times' => round($share, 1)])
            : null;
    }

    /** @return list<Finding> */
    public static function room(PotGeometry $geometry, float $millilitres): array
    {
        $joint = $geometry->tooLarge();
        if (null !== $joint) {
            return [new Finding('does-not-fit', Severity::Refuse, [
                'longCm' => 200 * $joint->piece->c, 'wideCm' => 200 * $joint->piece->b, 'thickCm' => 200 * $joint->piece->a,
            ])];
        }
        $fill = $geometry->fill($millilitres);
        $variables = ['percent' => 100 * $fill];

        return match (true) {
            $fill > self::FILL_REFUSE => [new Finding('too-full', Severity::Refuse, $variables)],
            $fill > self::FILL_WARN => [new Finding('rather-full', Severity::Warn, $variables)],
            $fill < self::FILL_LOW => [new Finding('rather-empty', Severity::Note, $variables)],
            default => [],
        };
    }

    /**
     * Dried beans, and what else is soaked first. A line that its own words call raw beans stays named whatever was made of it.
     *
     * @param list<Ingredient> $in      the pot, also what is optional
     * @param list<Ingredient> $leftOut marked as no ingredient
     *
     * @return list<Finding>
     */
    public static function pulses(array $in, array $leftOut): array
    {
        $findings = [];
        foreach ($in as $i) {
            if (true === $i->food?->phaseolus) {
                $findings[] = new Finding(
                    'boil-beans', Severity::Refuse, ['food' => $i->foodText, 'left' => 'no'], 'boil-beans-first', true,
                );
            } elseif (\in_array(Doubt::WasRawBeans, $i->doubts, true)) {
                $findings[] = new Finding('boil-beans', Severity::Warn, ['food' => $i->source, 'left' => 'yes']);
            } elseif (true === $i->food?->soak) {
                $findings[] = new Finding('soak-pulses', Severity::Warn, ['food' => $i->foodText]);
            }
        }
        foreach ($leftOut as $i) {
            if (true === $i->food?->phaseolus || \in_array(Doubt::WasRawBeans, $i->doubts, true)) {
                $findings[] = new Finding('boil-beans', Severity::Warn, ['food' => $i->source, 'left' => 'yes']);
            }
        }

        return $findings;
    }

    /**
     * @param float            $covered share of the height of what is in the pot that stands in liquid at the start
     * @param list<Ingredient> $eaten   of the pot and beside it
     * @param list<string>     $out     what comes out again
     *
     * @return list<Finding>
     */
    public static function contents(Meats $meats, float $covered, array $eaten, array $out): array
    {
        $findings = [];
        $joint = $meats->first;
        $poultry = array_values(array_filter($meats->all(), static fn (Joint $j): bool => $j->cut->isPoultry()));
        if ([] !== $poultry) {
            $findings[] = new Finding('poultry-thermometer', Severity::Note, ['celsius' => $poultry[0]->cut->safeCore->celsius]);
        }
        if ($joint->cut->lean && $covered < self::LEAN_WANTS_COVERED) {
            $findings[] = new Finding('lean-in-own-juices', Severity::Warn);
        }
        $allergens = [];
        foreach ($eaten as $i) {
            array_push($allergens, ...($i->food->allergens ?? []));
        }
        if ([] !== $out) {
            $findings[] = new Finding('take-out', Severity::Note, ['list' => implode(', ', $out)]);
        }
        if ([] !== $allergens) {
            $findings[] = new Finding('allergens', Severity::Note, ['list' => implode(', ', array_unique($allergens))]);
        }

        return $findings;
    }
}
