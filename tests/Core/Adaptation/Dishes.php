<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\DishFile;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\MethodReader;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Days;

/** The dishes of tests/Core/Adaptation/dishes: written by hand, so that the middle is tested without the reader. */
final class Dishes
{
    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (glob(__DIR__.'/dishes/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    public static function named(string $name): Dish
    {
        $problems = new Problems();
        $dish = self::file()->dish(
            json_decode((string) file_get_contents(__DIR__."/dishes/$name.json"), true, 32, \JSON_THROW_ON_ERROR), $problems,
        );

        return $dish ?? throw new \LogicException($name.': '.json_encode($problems->all(), \JSON_THROW_ON_ERROR));
    }

    public static function file(): DishFile
    {
        return new DishFile(new IngredientReader(Larder::load(), Cuts::load()));
    }

    public static function order(
        Dish $dish, ?Kitchen $kitchen = null, LedgerChoices $choices = new LedgerChoices(), Handling $handling = new Handling(),
    ): BraiseOrder {
        $meat = array_values(array_filter(
            $dish->ingredients, static fn (Ingredient $i): bool => Role::Meat === $i->role && null !== $i->cut,
        ))[0] ?? throw new \LogicException('No meat.');
        $cut = $meat->cut ?? throw new \LogicException('No cut.');
        $kilograms = ($meat->grams ?? 1200) / 1000;

        return new BraiseOrder(
            new OrderedRecipe($dish->ingredients, 4, ($dish->ways[0] ?? null)?->original(), MethodReader::boilsWine($dish->acts()), $dish),
            new OrderedMeat(
                Cooks::joint($cut->id, $kilograms * (1 - $cut->bone), $kilograms > 1.3 ? 2 : 1), Mass::kilograms($kilograms * $cut->bone),
            ),
            new Cooker(Volume::litres(6.5)),
            new Room(Temperature::celsius(20), 200),
            Days::at('12:00', '2026-11-25'),
            Days::at('19:00'),
            $kitchen ?? Kitchen::alone(Days::home('05:00')),
            wishes: new Wishes(
                texture: $dish->pulls() ? Doneness::Pulls : Doneness::Fork,
                thickness: null,
            ),
            choices: $choices,
            handling: $handling,
        );
    }

    public static function adapted(
        string $name, ?Kitchen $kitchen = null, LedgerChoices $choices = new LedgerChoices(), Handling $handling = new Handling(),
    ): AdaptedBraise {
        return (new AdaptBraise())->adapt(self::order(self::named($name), $kitchen, $choices, $handling));
    }
}
