<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Liquid;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Volume;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PotGeometryTest extends TestCase
{
    #[TestWith([80.0])]
    #[TestWith([400.0])]
    #[TestWith([1100.0])]
    #[TestWith([2400.0])]
    public function testWhatStandsSoHighIsSoMuch(float $millilitres): void
    {
        $pot = self::pot();

        self::assertEqualsWithDelta($millilitres, $pot->millilitresTo($pot->level($millilitres)), 0.5);
        self::assertEqualsWithDelta($millilitres, $pot->millilitresWithoutMeat($pot->levelWithoutMeat($millilitres)), 0.5);
    }

    public function testLiftingTheMeatLowersWhatStandsOverIt(): void
    {
        self::assertLessThan(self::pot()->level(2400.0), self::pot()->levelWithoutMeat(2400.0));
    }

    /** Over the vegetables the flesh of 640 g is 621 cm³ of the height; within them there are two fifths of it in voids. */
    public function testVegetablesTakeUpTheirRoom(): void
    {
        $pot = self::pot();
        $bare = (new PotGeometry(new Cooker(Volume::litres(5.7)), new Meats(Cooks::joint('lamb-shoulder', 1.4)), 0.0));
        $area = 1e-3 / $bare->levelWithoutMeat(1000.0);

        self::assertEqualsWithDelta((1e-3 * 1.5 + 0.64 / 1030) / $area, $pot->levelWithoutMeat(1500.0), 1e-6);
        self::assertEqualsWithDelta(1e-4 / 0.4 / $area, $pot->levelWithoutMeat(100.0), 1e-6);
    }

    private static function pot(): PotGeometry
    {
        return new PotGeometry(new Cooker(Volume::litres(5.7)), new Meats(Cooks::joint('lamb-shoulder', 1.4)), 0.64);
    }
}
