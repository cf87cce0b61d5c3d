<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Larder;

use Pausis\Core\Larder\Adding;
use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FoodTest extends TestCase
{
    /** Within what published tables of specific heat give for the raw food, J/kg·K. */
    #[TestWith(['water', 4180, 1])]
    #[TestWith(['carrot', 3850, 150])]
    #[TestWith(['potato', 3550, 150])]
    #[TestWith(['butter', 2100, 250])]
    #[TestWith(['oil', 2000, 50])]
    #[TestWith(['prunes', 2450, 150])]
    #[TestWith(['stock', 4130, 60])]
    #[TestWith(['coconut-milk', 3550, 150])]
    public function testSpecificHeatFollowsFromWhatItIsMadeOf(string $id, float $expected, float $within): void
    {
        self::assertEqualsWithDelta($expected, self::food($id)->specificHeat(), $within);
    }

    #[TestWith(['chicken stock cube', 'stock-cube'])]
    #[TestWith(['red wine vinegar', 'vinegar'])]
    #[TestWith(['low-sodium chicken stock', 'unsalted-stock'])]
    #[TestWith(['Crème Fraîche', 'soured-cream'])]
    #[TestWith(['sun dried tomatoes', 'dried-tomato'])]
    #[TestWith(['black-eyed peas', 'black-eyed-peas'])]
    #[TestWith(['berries of juniper, juniper berries', 'juniper'])]
    #[TestWith(['onions and carrots', 'onion'])]
    public function testTheLongestNameWinsAndOfOverlappingOnesTheNoun(string $text, string $id): void
    {
        self::assertSame($id, (Larder::load()->named($text)[0] ?? null)?->id);
    }

    public function testNamesAreComparedWithoutAccentsHyphensAndCase(): void
    {
        self::assertSame('creme fraiche', Larder::normal(' Crème-Fraîche! '));
        self::assertSame("goat's cheese", Larder::normal('Goat’s  cheese'));
        self::assertNull(Larder::load()->named('gluggles'));
        self::assertNull(Larder::load()->find('gluggles'));
    }

    public function testWhenAFoodGoesInFollowsItsKind(): void
    {
        self::assertSame(
            [Adding::Start, Adding::Late, Adding::End, Adding::Apart, Adding::Base],
            array_map(static fn (string $id): Adding => self::food($id)->adding, ['carrot', 'peas', 'cream', 'rice', 'garlic']),
        );
        foreach (Larder::load()->all() as $food) {
            self::assertTrue(Role::Dairy !== $food->role || Adding::End === $food->adding, $food->id);
            self::assertTrue(Adding::Late !== $food->adding || null !== $food->lateMinutes, $food->id);
        }
    }

    public function testAUnitOfItsOwnIsMassEvenWhereOthersPourIt(): void
    {
        $butter = self::food('butter');

        self::assertNull($butter->millilitresIn(Unit::Stick, UnitSystem::Us));
        self::assertSame(113.0, (float) $butter->gramsIn(Unit::Stick, UnitSystem::Us));
        self::assertEqualsWithDelta(240 * 0.95, $butter->gramsIn(Unit::Cup, UnitSystem::Us), 0.1);
        self::assertSame(500.0, (float) self::food('beer')->millilitresIn(Unit::Bottle, UnitSystem::Metric));
        self::assertSame(750.0, (float) self::food('red-wine')->millilitresIn(Unit::Bottle, UnitSystem::Metric));
    }

    private static function food(string $id): Food
    {
        $food = Larder::load()->find($id);
        self::assertNotNull($food, $id);

        return $food;
    }
}
