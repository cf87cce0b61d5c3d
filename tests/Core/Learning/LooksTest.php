<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Window;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class LooksTest extends TestCase
{
    public function testTheFirstIsHalfwayToTheLikelyTimeAndEachFurtherOneAtTheLikelyTimeOfWhatIsLeft(): void
    {
        self::assertSame(7.5, Looks::first(new Window(7, 8, 11)));
        self::assertSame(9.0, Looks::next(new Window(8, 9, 12), 7.5));
        self::assertSame(8.25, Looks::next(new Window(7.6, 7.8, 12), 7.5), 'three quarters of an hour apart');
        self::assertNull(Looks::first(new Window(null, null, null)));
    }

    public function testEachLookBeforeItIsReadyMakesItLater(): void
    {
        $window = Looks::at([7.5, 9.25], 0.25)->in(new Window(7, 8, 11));

        self::assertEquals(new Window(7, 8.25, 11.5), $window);
        self::assertEquals(new Window(null, null, null), Looks::at([1.0], 0.25)->in(new Window(null, null, null)));
    }

    public function testALookCostsMoreOnLowThanOnHigh(): void
    {
        $cost = static fn (Setting $setting, Window $ready): float => 60 * Looks::cost(
            new Simulation(), Cooks::chuck(program: Cooks::on($setting)), $ready, Doneness::Fork,
        );
        $low = $cost(Setting::Low, new Window(6.6, 8.2, 11));
        $high = $cost(Setting::High, new Window(4.5, 5.1, 6));

        self::assertGreaterThan($high, $low);
        self::assertEqualsWithDelta(14.0, $low, 6.0);
        self::assertSame(0.0, $cost(Setting::Low, new Window(null, null, null)));
    }
}
