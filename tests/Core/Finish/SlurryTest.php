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

        self::assertEqualsWithDelta($grams, $slurry->sum->terms[0]->value, 1e-9);
        self::assertEqualsWithDelta(2 * $slurry->grams, $slurry->coldMillilitres, 1e-9);
        self::assertEqualsWithDelta(
            $wanted->starchShare() * (500 + $slurry->coldMillilitres), $slurry->grams / $with->perCornStarch(), 1e-9,
            'its own liquid is thickened too',
        );
    }

    #[TestWith([Thickener::CornStarch, 2])]
    #[TestWith([Thickener::PotatoStarch, 1])]
    #[TestWith([Thickener::Arrowroot, 1])]
    #[TestWith([Thickener::Flour, 8])]
    public function testEachStarchHasItsOwnHeat(Thickener $with, int $minutes): void
    {
        self::assertSame($minutes, $with->hobMinutes());
    }

    public function testWhatIsAlreadyThereIsCountedButNeverTakenOut(): void
    {
        self::assertEqualsWithDelta(10 / 0.94, Slurry::for(500, Thickness::Gravy->starchShare(), Thickener::CornStarch, 5)->grams, 1e-9);
        self::assertSame(0.0, Slurry::for(500, Thickness::Gravy->starchShare(), Thickener::CornStarch, 80)->grams);
    }

    /** g/min. */
    #[TestWith([Reduction::RollingBoil, 12, 20.0])]
    #[TestWith([Reduction::RollingBoil, 20, 23.7])]
    #[TestWith([Reduction::RollingBoil, 24, 26.0])]
    #[TestWith([Reduction::RollingBoil, 28, 28.1])]
    #[TestWith([Reduction::RollingBoil, 60, 35.0])]
    #[TestWith([Reduction::SteadySimmer, 28, 9.85])]
    #[TestWith([Reduction::OpenPot, 28, 5.85])]
    #[TestWith([Reduction::SteadySimmer, 60, 35.0])]
    public function testABoilGivesOffWhatTheRingBringsInAndASimmerWhatItsSurfaceDoes(Reduction $how, int $cm, float $rate): void
    {
        self::assertEqualsWithDelta($rate, $how->gramsPerMinute(Length::centimetres($cm)), 0.05);
        self::assertEqualsWithDelta(400 / $rate, Reduction::timeFor(400, Length::centimetres($cm), $how)->inMinutes(), 0.3);
        self::assertEqualsWithDelta(10 * $rate, Reduction::gramsIn(10, Length::centimetres($cm), $how), 0.5);
    }

    public function testMostSaucesTakeThreeQuartersToAFifthMore(): void
    {
        $slurry = Slurry::for(1000.0, 0.016, Thickener::CornStarch);

        self::assertEqualsWithDelta(0.75 * $slurry->grams, $slurry->least(), 1e-9);
        self::assertEqualsWithDelta(1.2 * $slurry->grams, $slurry->most(), 1e-9);
    }
}
