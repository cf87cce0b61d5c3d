<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Finish;

use Pausis\Core\Finish\Rescue;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use PHPUnit\Framework\TestCase;

final class RescueTest extends TestCase
{
    public function testDilutingConservesSaltAndKeepsTheThickness(): void
    {
        $diluted = Rescue::tooSalty(600, 0.015, Thickness::Gravy, Thickener::CornStarch);

        self::assertEqualsWithDelta(300, $diluted->liquid->total, 1e-9);
        self::assertEqualsWithDelta(600 * 0.015, (600 + $diluted->liquid->total) * $diluted->salt, 1e-9);
        self::assertEqualsWithDelta((600 + 300) * 0.03, 600 * 0.03 + $diluted->starchGrams, 1e-9);
        self::assertSame(0.0, Rescue::tooSalty(600, 0.008, Thickness::Gravy, Thickener::Flour)->liquid->total);
    }

    public function testTooThickAndTooThinAreOpposites(): void
    {
        $water = Rescue::tooThick(500, Thickness::Stew, Thickness::CoatsSpoon);
        self::assertEqualsWithDelta(500 * 0.045, (500 + $water) * 0.016, 1e-9);
        self::assertSame(0.0, Rescue::tooThick(500, Thickness::CoatsSpoon, Thickness::Stew));

        self::assertEqualsWithDelta(
            500 * (0.030 - 0.016) / (1 - 2 * 0.030),
            Rescue::tooThin(500, Thickness::CoatsSpoon, Thickness::Gravy, Thickener::CornStarch)->grams, 1e-9,
        );
    }

    public function testFatComesOffByVolume(): void
    {
        ['spoon' => $spoon, 'chilled' => $chilled] = Rescue::greasy(92);

        self::assertEqualsWithDelta(75, $spoon, 1e-9);
        self::assertEqualsWithDelta(95, $chilled, 1e-9);
    }

    public function testBlendedVegetablesThickenByTheirMass(): void
    {
        self::assertEqualsWithDelta(20.0, Rescue::blended(500), 1e-9);
        self::assertLessThan(Rescue::tooThin(500, Thickness::Stock, Thickness::Gravy, Thickener::CornStarch)->grams, Rescue::blended(300));
    }
}
