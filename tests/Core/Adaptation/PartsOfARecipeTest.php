<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

/** What is made beside the pot isn't in it, though it is eaten; what ties the meat comes out. */
final class PartsOfARecipeTest extends TestCase
{
    private const RECIPE = <<<'TEXT'
        Tied brisket with mash
        Serves 4

        1.3 kg beef chuck
        2 onions
        400 ml beef stock
        2 bay leaves

        For the mash:
        800 g potatoes
        200 ml milk
        50 g butter

        Tie the beef with string and brown it.
        Put everything in a casserole, cover and cook in the oven at 150 °C for 3 hours.
        Meanwhile boil the potatoes, drain and mash them with the milk and butter.
        TEXT;

    public function testTheMashIsNotInThePotAndItsAllergensAreSaid(): void
    {
        $braise = self::adapt();

        self::assertSame(
            ['onions', 'beef stock', 'bay leaves'],
            array_map(static fn (Ingredient $i): string => $i->foodText, $braise->order->potIngredients()),
        );
        self::assertSame(
            ['potatoes', 'milk', 'butter'], array_map(static fn (Ingredient $i): string => $i->foodText, $braise->order->besideThePot()),
        );
        self::assertLessThanOrEqual(400.0, $braise->chosen->sauce->load);
        self::assertStringContainsString('milk', self::listOf($braise, 'allergens'));
    }

    public function testTheStringIsTakenOutInThePlanAndInTheMethod(): void
    {
        $braise = self::adapt();
        $steps = $braise->chosen->process->in(Stage::Finish, ActKind::TakeOut);

        self::assertSame('bay leaves, string', self::listOf($braise, 'take-out'));
        self::assertCount(1, $steps);
        self::assertSame(self::listOf($braise, 'take-out'), $steps[0]->variables['list']);
    }

    private static function listOf(AdaptedBraise $braise, string $rule): string
    {
        $found = array_values(array_filter($braise->findings, static fn (Finding $f): bool => $rule === $f->rule));
        self::assertCount(1, $found, $rule);

        return (string) $found[0]->variables['list'];
    }

    private static function adapt(): AdaptedBraise
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read(self::RECIPE, new Problems());
        self::assertNotNull($reading);
        $zone = new \DateTimeZone('Europe/Vienna');

        return (new AdaptBraise())->adapt(new BraiseOrder(
            new OrderedRecipe(
                $reading->ingredients, 4, $reading->original, false,
                (new DishReader())->read($reading->ingredients, $reading->steps, $reading->ways),
            ),
            new OrderedMeat(Cooks::joint('beef-chuck', 1.3), Mass::kilograms(0)),
            new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 640),
            new \DateTimeImmutable('2026-11-26 06:00', $zone),
            new \DateTimeImmutable('2026-11-26 20:00', $zone),
            new Kitchen(),
        ));
    }
}
