<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\PotRun;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SauceBalance;

/** What each school of how much liquid goes in would cost, in the pot as it is run. */
final class Levels
{
    /** Less, mL, isn't told apart in a jug. */
    private const SAME = 5.0;

    /**
     * Those that differ in this pot: of several that come out the same, the one that is taken, or the lowest.
     *
     * @return list<LevelCost>
     */
    public static function apart(AdaptedBraise $braise): array
    {
        $taken = $braise->order->wishes->level;
        $kept = [];
        foreach (self::of($braise) as $cost) {
            $same = array_key_first(array_filter($kept, static fn (LevelCost $c): bool => abs($c->load - $cost->load) < self::SAME));
            if (null === $same) {
                $kept[] = $cost;
            } elseif ($cost->school === $taken) {
                $kept[$same] = $cost;
            }
        }

        return array_values($kept);
    }

    /** @return list<LevelCost> */
    public static function of(AdaptedBraise $braise): array
    {
        $costs = [];
        $order = $braise->order;
        $geometry = $braise->chosen->filling->geometry;
        $end = PotRun::endOf($braise->chosen->best, $order->wishes->texture);
        $ingredients = $order->potIngredients();
        $balance = new SauceBalance(
            $ingredients, $order->recipe->serves, $order->ownBoiling(),
            $order->liquidWishes(),
        );
        foreach (LevelSchool::cases() as $school) {
            $sauce = $balance->solve(
                $order->meat->all(), $order->recipeMeatScale(), $order->recipe->original, $order->room->boilingPoint()->celsius, $geometry,
                $school, $end,
            );
            $salt = SaltBalance::of($ingredients, $order->meat->all(), $sauce, $end->evaporatedGrams, $order->wishes->saltAimPercent);
            $costs[] = new LevelCost($school, $sauce->load, $geometry->level($sauce->load), $geometry->fill($sauce->load), $sauce->reduce,
                $sauce->reduce > 0 ? Reduction::timeFor($sauce->reduce, $order->kitchen->pan())->inMinutes() : 0.0, $salt->percentAfter);
        }

        return $costs;
    }
}
