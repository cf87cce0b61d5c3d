<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Presence;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/** When the braise itself can't be done in time, what would work, each way tried. */
final class WaysOutTest extends TestCase
{
    public function testADayThatWorksNeedsNoWayOut(): void
    {
        self::assertSame([], Days::ways(self::adapt('2026-11-26 20:00', '2026-11-25 18:00')));
    }

    public function testTooSoonForLowOffersTheSettingThatWorks(): void
    {
        $braise = self::adapt('2026-11-26 20:00', '2026-11-26 12:30', choice: ProgramChoice::Low);
        self::assertInstanceOf(Clash::class, $braise->day());
        $way = Days::ways($braise)[0];

        self::assertEquals(['setting', [new RunOn(ProgramChoice::High)]], [$way->code, $way->changes]);
        self::assertInstanceOf(DayPlan::class, (new AdaptBraise())->adapt($way->of($braise->order))->day());
    }

    public function testTooSoonForEverythingOffersALaterDinnerThatWorks(): void
    {
        $braise = self::adapt('2026-11-26 15:00', '2026-11-26 12:30');
        self::assertContains('serve-from', array_map(static fn (WayOut $w): string => $w->code, Days::ways($braise)));
        $day = $braise->day();
        self::assertInstanceOf(Clash::class, $day);
        self::assertNotNull($day->serveFrom());

        self::assertInstanceOf(
            DayPlan::class,
            self::adapt($day->serveFrom()->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('Y-m-d H:i'), '2026-11-26 12:30')->day(),
        );
    }

    public function testSmallerPiecesAreOfferedWhereTheyAreDoneInTime(): void
    {
        $joint = Cooks::joint('beef-chuck', 2.0);
        $offered = 0;
        foreach (['11:00', '11:30', '12:00', '12:20', '12:40', '13:00'] as $now) {
            $braise = self::adapt('2026-11-26 19:00', "2026-11-26 $now", $joint);
            foreach (Days::ways($braise) as $way) {
                if ('cut' === $way->code) {
                    self::assertWorks((new AdaptBraise())->adapt($way->of($braise->order)), $now);
                    ++$offered;
                }
            }
        }
        self::assertGreaterThan(0, $offered);
    }

    public function testAwayAllDayIsCookedTheEveningBefore(): void
    {
        $away = new Presence([new Interval(self::at('2026-11-27 06:30'), self::at('2026-11-27 18:50'))], '22:45', '06:15');
        $braise = self::adapt('2026-11-27 19:00', '2026-11-26 08:00', presence: $away);
        $codes = array_map(static fn (WayOut $w): string => $w->code, Days::ways($braise));

        self::assertContains('day-before', $codes);
        self::assertInstanceOf(DayPlan::class, self::adapt('2026-11-26 21:00', '2026-11-26 08:00', presence: $away)->day());
    }

    public function testInAShortMorningWhatCanBeReadiedIsTheEveningBefore(): void
    {
        $lines = [
            ...Days::LINES, '600 g carrots', '1 tsp ground cumin', '1 tsp ground coriander', '1 tsp paprika', '1 cinnamon stick',
            '1 tsp ground allspice',
        ];
        $kitchen = Kitchen::alone(new Presence([Days::between('06:55', '18:00')], '22:45', '06:15'));
        $short = Days::braise($kitchen, lines: $lines, kilograms: 0.9);
        $jobs = Days::jobs(Days::plan($short));

        self::assertWorks($short);
        self::assertLessThan(Days::at('00:00'), min($jobs['cut-vegetables']->from, $jobs['mix-spices']->from));
    }

    public function testATimerIsOfferedWhereAColdPotWouldElseBeHeldTooLong(): void
    {
        $offered = 0;
        foreach (['08:00', '08:30', '09:00', '09:30', '10:00', '10:30', '11:00', '11:30'] as $leaves) {
            $kitchen = Kitchen::alone(new Presence([Days::between($leaves, '18:00')], '22:45', '06:15'));
            $braise = Days::braise($kitchen, choice: ProgramChoice::High);
            foreach (Days::ways($braise) as $way) {
                if ('delay' === $way->code) {
                    $delayed = (new AdaptBraise())->adapt($way->of($braise->order));
                    self::assertWorks($delayed, $leaves);
                    self::assertContains('delayed', array_map(static fn (Finding $f): string => $f->rule, $delayed->findings));
                    ++$offered;
                }
            }
        }
        self::assertGreaterThan(0, $offered);
    }

    public function testATimerIsRefusedLongAndForAPotThatIsNotCold(): void
    {
        foreach ([
            'delayed-too-long' => (new Handling())->delayed(3.0), 'delayed-warm' => new Handling(delayHours: 1.0),
        ] as $rule => $handling) {
            $braise = Days::braise(Kitchen::alone(Days::home('05:00')), $handling);
            self::assertSame($rule, $braise->chosen->unsafe?->rule);
            self::assertSame('no-delay', $braise->forbidden()?->remedy);
        }
    }

    private static function assertWorks(AdaptedBraise $braise, string $why = ''): void
    {
        self::assertTrue($braise->works($braise->chosen), $why);
    }

    private static function adapt(
        string $serve, string $now, ?Joint $joint = null, ?ProgramChoice $choice = null, Presence $presence = new Presence(),
    ): AdaptedBraise {
        $reader = new IngredientReader(Larder::load(), Cuts::load());

        return (new AdaptBraise())->adapt(new BraiseOrder(
            new OrderedRecipe(
                array_map(static fn (string $line): Ingredient => $reader->read($line), ['2 onions', '3 carrots', '700 ml beef stock']), 4,
                null, true,
            ),
            new OrderedMeat($joint ?? Cooks::joint('beef-chuck', 1.3), Mass::kilograms(0)),
            new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 200),
            self::at($now),
            self::at($serve),
            Kitchen::alone($presence),
            wishes: new Wishes(choice: $choice),
        ));
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable($time, new \DateTimeZone('Europe/Vienna'));
    }
}
