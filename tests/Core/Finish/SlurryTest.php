<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Finish;

use Pausis\Core\Finish\Slurry;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SlurryTest extends TestCase
{
    #[TestWith([Thickness::Stock, Thickener::CornStarch, 0.0])]
    #[TestWith([Thickness::CoatsSpoon, Thickener::CornStarch, 8.0])]
    #[TestWith([Thickness::Gravy, Thickener::CornStarch, 15.0])]
    #[TestWith([Thickness::Stew, Thickener::CornStarch, 22.5])]
    #[TestWith([Thickness::Gravy, Thickener::Flour, 30.0])]
    #[TestWith([Thickness::Gravy, Thickener::PotatoStarch, 12.0])]
    public function testStarchForHalfALitre(Thickness $wanted, Thickener $with, float $grams): void
    {
        $slurry = Slurry::for(500, $wanted->starchShare(), $with);

        self::assertEqualsWithDelta($grams, $slurry->grams, 1e-9);
        self::assertEqualsWithDelta(2 * $grams, $slurry->coldMillilitres, 1e-9);
    }

    public function testWhatIsAlreadyThereIsCountedButNeverTakenOut(): void
    {
        self::assertEqualsWithDelta(10, Slurry::for(500, Thickness::Gravy->starchShare(), Thickener::CornStarch, 5)->grams, 1e-9);
        self::assertSame(0.0, Slurry::for(500, Thickness::Gravy->starchShare(), Thickener::CornStarch, 80)->grams);
    }

    public function testReductionTakesTimeByThePansArea(): void
    {
        $small = Reduction::timeFor(400, Length::centimetres(20))->inMinutes();
        $large = Reduction::timeFor(400, Length::centimetres(28))->inMinutes();

        self::assertEqualsWithDelta(16.2, $large, 0.1);
        self::assertEqualsWithDelta((28 / 20) ** 2, $small / $large, 1e-9);
    }
}
