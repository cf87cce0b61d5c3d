<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Aid;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Evidence;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

/** Thermometers: what one reading tells, and that none of the ways to read it wrong spoils what is known. */
final class ProbeTest extends TestCase
{
    public function testOneReadingInTheLiquidNarrowsTheWindowAsFarAsWasPromised(): void
    {
        $run = self::cooked([], 4.0);
        $promised = Narrowing::most($run, Doneness::Fork, [Aid::Thermometer, Aid::Ruler]);

        self::assertSame(Aid::Thermometer, $promised?->by);
        $before = self::width($run);
        self::assertEqualsWithDelta($before, $promised->from, 1e-9);
        $after = array_map(static fn (float $c): float => self::width(self::cooked([self::read(4.0, $c)])), [84.0, 86.0, 88.0, 90.0]);
        self::assertEqualsWithDelta(array_sum($after) / 4, $promised->to, 0.4);
        self::assertLessThan(0.65 * $before, $promised->to);
    }

    public function testARulerTellsLittleAndAWaterTestNearlyAsMuchAsAThermometer(): void
    {
        $run = self::cooked([], 4.0);

        self::assertNull(Narrowing::most($run, Doneness::Fork, [Aid::Ruler]));
        $water = Narrowing::most($run, Doneness::Fork, [Aid::Water, Aid::Ruler]);
        self::assertSame(Aid::Water, $water?->by);
        self::assertGreaterThan(Narrowing::most($run, Doneness::Fork, Aid::cases())?->to, $water->to);
        $shown = $water->of(new Window(7.0, 9.0, 7.0 + 2 * $water->from));
        self::assertEqualsWithDelta(2 * $water->to, $shown?->to, 1e-9, 'with its looks, in proportion');
        self::assertNull($water->of(new Window(7.0, 9.0, null)));
    }

    public function testATipInTheAirOrAFallingReadingSaysLittle(): void
    {
        $none = self::cooked([])->doneness(Doneness::Fork);
        foreach ([[self::read(4.0, 24.0)], [self::read(4.0, 114.0)], [self::read(4.0, 86.0), self::read(5.0, 60.0)]] as $evidence) {
            $window = self::cooked($evidence)->doneness(Doneness::Fork);

            self::assertNotNull($window->likely);
            self::assertEqualsWithDelta($none->likely, $window->likely, 2.0);
        }
    }

    public function testHundredsOfReadingsAMinuteApartAreAFew(): void
    {
        $many = ProbeReading::merged(
            array_map(static fn (int $k): ProbeReading => self::read(3.0 + $k / 60, 80.0 + $k / 100), range(0, 299)),
        );

        self::assertCount(30, $many);
        self::assertInstanceOf(ProbeReading::class, $many[0]);
        self::assertEqualsWithDelta(80.045, $many[0]->reading->celsius, 1e-9, 'the mean of ten');
        self::assertEqualsWithDelta(3.0 + 4.5 / 60, $many[0]->at()->inHours(), 1e-9);
        $fork = new ForkTest(Duration::hours(3.5), ForkAnswer::Resists);
        self::assertSame([$fork], ProbeReading::merged([$fork]));
        self::assertCount(2, ProbeReading::merged([self::read(3.0, 80), self::read(3.05, 70, ProbePlace::Core)]), 'each place by itself');
    }

    public function testReadingsThatErrTogetherCountAsOne(): void
    {
        $one = self::width(self::cooked([self::read(4.0, 87.0)]));
        $three = self::width(self::cooked([self::read(4.0, 87.0), self::read(4.2, 87.2), self::read(4.4, 87.4)]));
        $apart = self::width(self::cooked([self::read(3.4, 84.6), self::read(4.0, 87.0), self::read(4.6, 88.8)]));

        self::assertEqualsWithDelta($one, $three, 0.15 * $one);
        self::assertLessThan($one, $apart);
    }

    public function testAnAnswerThatIsTakenBackHardlyCounts(): void
    {
        $slid = new ForkTest(Duration::hours(7), ForkAnswer::SlidesIn);
        $back = new ForkTest(Duration::hours(7.75), ForkAnswer::Resists);

        self::assertEquals($slid, $slid->besides($slid));
        self::assertEquals($back, $back->besides($slid, $back), 'the later one stands');
        self::assertNotEquals($slid, $slid->besides($slid, $back));
        $both = self::cooked([$slid, $back])->doneness(Doneness::Fork);
        $only = self::cooked([$back])->doneness(Doneness::Fork);
        self::assertEqualsWithDelta($only->likely, $both->likely, 0.6);
        self::assertGreaterThan(7.75, $both->likely);
    }

    /** @param list<Evidence> $evidence */
    private static function cooked(array $evidence, ?float $now = null): Outcome
    {
        return Ensemble::draw(new Spread())->run(
            new Simulation(), Cooks::chuck(), 24.0, $evidence, null === $now ? null : Duration::hours($now),
        );
    }

    private static function width(Outcome $run): float
    {
        $window = $run->doneness(Doneness::Fork);

        return (float) $window->latest - (float) $window->earliest;
    }

    private static function read(float $hour, float $celsius, ProbePlace $place = ProbePlace::Liquid): ProbeReading
    {
        return new ProbeReading(Duration::hours($hour), $place, Temperature::celsius($celsius));
    }
}
