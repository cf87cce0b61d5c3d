<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Liquid;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\LiquidChange;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Adaptation\Dishes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sauces of twenty dishes at two levels, summed once more: nothing of core/Liquid but what it decided to load. */
final class SaucesByHandTest extends TestCase
{
    /** @return iterable<string, array{string, LevelSchool}> */
    public static function sauces(): iterable
    {
        foreach (Dishes::names() as [$name]) {
            foreach ([LevelSchool::OwnJuices, LevelSchool::Covered] as $level) {
                yield "$name, $level->value" => [$name, $level];
            }
        }
    }

    #[DataProvider('sauces')]
    public function testTheSauceAtTheEndAndItsSalt(string $name, LevelSchool $level): void
    {
        $order = Dishes::order(Dishes::named($name));
        $texture = Dishes::named($name)->pulls() ? Doneness::Pulls : Doneness::Fork;
        $braise = (new AdaptBraise())->adapt(new BraiseOrder(
            $order->recipe, $order->meat, $order->cooker, $order->room, $order->now, $order->serveAt, $order->kitchen,
            new Wishes($level, $texture, null), $order->choices, $order->handling,
        ));
        [$one, $order] = [$braise->chosen, $braise->order];
        $texture = (int) array_search($order->wishes->texture, Doneness::cases(), true);
        $ready = $one->best->doneness[$texture];
        $hot = $steam = $celsius = 0.0;
        foreach ($one->best->trace as $k => [$hour, , $core, , $gone]) {
            if ($hour > $ready) {
                break;
            }
            $hot += $k > 0 && $core > 90 ? $hour - $one->best->trace[$k - 1][0] : 0.0;
            [$steam, $celsius] = [$gone, $core];
        }
        self::assertGreaterThan(75.0, $celsius);
        $juice = min(0.45, ($celsius < 90 ? 0.26 + 0.14 / 15 * ($celsius - 75) : 0.40) + 0.01 * $hot);
        $sauce = $juice * $order->meat->all()->lean()->inGrams() - $steam;
        $grams = $order->meat->all()->boneless()->inGrams();
        $salt = 0.0;
        foreach ($one->sauce->changes as $change) {
            $sauce += $change->loaded + (0.0 === $change->loaded ? $change->poured : 0.0);
        }
        $poured = array_map(static fn (LiquidChange $c): ?object => $c->ingredient, $one->sauce->changes);
        foreach ($order->potIngredients() as $i) {
            $at = array_search($i, $poured, true);
            $share = false !== $at && $i->millilitres > 0 ? $one->sauce->changes[$at]->poured / $i->millilitres : 1.0;
            $salt += (float) $i->grams * $share * ($i->food->salt ?? 0.0);
            if (!$i->role->isPoured()) {
                $sauce += (float) $i->grams * (($i->food->water ?? 0.0) - ($i->food->absorbs ?? 0.0));
                $grams += Role::Tool === $i->role ? 0.0 : (float) $i->grams;
            }
        }
        $grams += $sauce - $juice * $order->meat->all()->lean()->inGrams();

        self::assertEqualsWithDelta($sauce, $one->sauce->atEnd->total, max(15.0, 0.02 * $sauce), 'mL of sauce');
        self::assertEqualsWithDelta($salt, $one->salt->sum->total, 0.06 * \count($order->potIngredients()), 'g of salt');
        $left = $sauce - $one->sauce->reduce;
        if ($left > 100) {
            self::assertEqualsWithDelta(
                100 * $one->salt->sum->total / $one->salt->potGrams * $sauce / $left, $one->salt->percentAfter,
                0.06 * $one->salt->percentAfter, '% in the sauce that is left',
            );
        }
    }
}
