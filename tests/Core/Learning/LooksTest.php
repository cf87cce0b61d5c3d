<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\LidLift;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
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
        $window = Looks::at([7.5, 9.25], LookCost::always(0.25))->in(new Window(7, 8, 11));

        self::assertEquals(new Window(7, 8.25, 11.5), $window);
        self::assertEquals(new Window(null, null, null), Looks::at([1.0], LookCost::always(0.25))->in(new Window(null, null, null)));
    }

    /**
     * What a window with looks says, against every member run with them.
     *
     * @param list<float> $hours
     */
    #[TestWith([Setting::Low, [6.8, 8.6, 9.8]])]
    #[TestWith([Setting::High, [4.5, 5.1]])]
    public function testAWindowWithLooksIsThatOfPotsThatAreLookedAt(Setting $setting, array $hours): void
    {
        $simulation = new Simulation();
        $setup = Cooks::chuck(program: Cooks::on($setting));
        $run = Ensemble::draw(new Spread())->run($simulation, $setup, 24.0);
        $told = Looks::at($hours, LookCost::of($simulation, $setup, $run, Doneness::Fork))->in($run->doneness(Doneness::Fork));
        $looked = Ensemble::draw(new Spread())->run($simulation, self::lookedAt($setup, $hours), 24.0)->doneness(Doneness::Fork);

        self::assertEqualsWithDelta($looked->earliest, $told->earliest, 0.12);
        self::assertEqualsWithDelta($looked->likely, $told->likely, 0.20);
        self::assertEqualsWithDelta($looked->latest, $told->latest, 0.40);
    }

    public function testALookCostsASlowPotMoreAndAPotOnHighLess(): void
    {
        $cost = static function (Setting $setting): LookCost {
            $setup = Cooks::chuck(program: Cooks::on($setting));

            return LookCost::of(
                new Simulation(), $setup, Ensemble::draw(new Spread())->run(new Simulation(), $setup, 24.0), Doneness::Fork,
            );
        };
        $low = $cost(Setting::Low);

        self::assertEqualsWithDelta(14.0, 60 * $low->at(8.2), 3.0);
        self::assertEqualsWithDelta(33.0, 60 * $low->at(11.3), 6.0);
        self::assertSame($low->at(20.0), $low->at(40.0), 'no further than it was looked at');
        self::assertSame($low->most(), $low->at(40.0));
        self::assertLessThan(0.5 * $low->at(8.2), $cost(Setting::High)->at(4.9));
        self::assertSame(0.0, $low->at(0.1));
    }

    public function testOfAPotThatIsNeverReadyALookCostsNothing(): void
    {
        $setup = Cooks::chuck(program: Cooks::on(Setting::Warm));
        $run = Ensemble::draw(new Spread(), 16)->run(new Simulation(), $setup, 8.0);

        self::assertSame(0.0, LookCost::of(new Simulation(), $setup, $run, Doneness::Fork)->most());
    }

    /** @param list<float> $hours */
    private static function lookedAt(Setup $setup, array $hours): Setup
    {
        return $setup->running($setup->program, array_map(
            static fn (float $h): LidLift => new LidLift(Duration::hours($h), Duration::minutes(Looks::LID_MINUTES)), $hours,
        ));
    }
}
