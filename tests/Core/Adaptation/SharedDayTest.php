<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\Caught;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A kitchen with more than one cook, jobs that are moved, and what happens at its moment. */
final class SharedDayTest extends TestCase
{
    public function testTheSecondCookDoesWhatTheFirstCannot(): void
    {
        $kitchen = new Kitchen(Days::people(Days::working(), Days::home('05:00')));
        $day = Days::plan(Days::braise($kitchen), ['mash', 'steamed-greens', 'green-salad', 'warm-loaf']);

        self::assertNotNull($day);
        self::assertTrue($day->possible);
        $hands = array_unique(array_map(
            static fn (Placed $p): string => $p->person->name ?? '',
            array_filter($day->placed, static fn (Placed $p): bool => $p->job->hands),
        ));
        sort($hands);
        self::assertSame(['Joris', 'Tamsin'], $hands);
        self::assertSame('Joris', Days::jobs($day)['fork-test']->person?->name);
        SoundDay::check($day, $kitchen);
    }

    public function testWorkBeforeThePotIsOnIsSharedAndBegunLater(): void
    {
        $lines = [...Days::LINES, '900 g carrots', '600 g celeriac', '400 g leeks'];
        $begins = static fn (Kitchen $kitchen): ?\DateTimeImmutable => Days::plan(Days::braise(
            $kitchen, lines: $lines, choice: ProgramChoice::High,
        ))?->placed[0]->from;
        $alone = $begins(Kitchen::alone(Days::home('05:00')));
        $both = $begins(new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00'))));

        self::assertNotNull($alone);
        self::assertGreaterThan($alone->modify('+10 minutes'), $both);
        $day = Days::plan(Days::braise(
            new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00'))), lines: $lines, choice: ProgramChoice::High,
        ))?->braise->day();
        self::assertInstanceOf(DayPlan::class, $day);
        self::assertEquals($both, $day->at(TaskKind::Prepare)?->at);
    }

    public function testSomebodyBusyDoesOnlyWhatIsQuick(): void
    {
        $busy = Days::home('05:00', [Days::between('12:00', '18:30')]);
        $day = Days::plan(Days::braise(Kitchen::alone($busy)), ['mash']);

        self::assertNotNull($day);
        foreach ($day->placed as $placed) {
            $during = $placed->job->hands && $busy->isBusy($placed->from, $placed->to);
            self::assertTrue(!$during || $placed->job->minutes <= Presence::QUICK_MINUTES, $placed->job->id);
        }
        self::assertTrue($busy->isBusy(Days::jobs($day)['fork-test']->from, Days::jobs($day)['fork-test']->to));
    }

    #[TestWith(['cut-vegetables', '21:00', '2026-11-25', null])]
    #[TestWith(['cut-vegetables', '03:00', '2026-11-26', 'nobody'])]
    #[TestWith(['brown-meat', '05:30', '2026-11-26', null])]
    #[TestWith(['brown-meat', '19:30', '2026-11-25', 'too-early'])]
    #[TestWith(['lift-out', '18:58', '2026-11-26', 'too-late'])]
    #[TestWith(['fork-test', '05:00', '2026-11-26', 'too-early'])]
    #[TestWith(['fork-test', '18:59', '2026-11-26', 'too-late'])]
    #[TestWith(['portion', '20:10', '2026-11-26', null])]
    #[TestWith(['portion', '23:30', '2026-11-26', 'too-late'])]
    #[TestWith(['no-such-job', '12:00', '2026-11-26', 'together'])]
    public function testTheBraisesOwnJobsAreKeptWhereTheyCanBeAndElseSaidWhyNot(string $job, string $time, string $date, ?string $why): void
    {
        $at = Days::at($time, $date);
        $day = Days::plan(Days::braise(Kitchen::alone(Days::home('05:00'))), [], [$job => $at]);

        self::assertNotNull($day);
        self::assertTrue($day->possible);
        $jobs = Days::jobs($day);
        if (null === $why) {
            self::assertSame([], $day->refused);
            self::assertEquals($at, $jobs[$job]->from);
            self::assertEquals($at, $jobs[$job]->job->pinned);
        } elseif ('no-such-job' !== $job) {
            self::assertSame([$job => $why], $day->refused);
            self::assertNotEquals($at, $jobs[$job]->from);
        }
    }

    public function testAForkTestThatIsMovedIsMovedInThePlanToo(): void
    {
        $braise = Days::braise(Kitchen::alone(Days::home('05:00')));
        $day = Days::plan($braise, [], ['fork-test' => Days::at('17:25')])?->braise->day();

        self::assertInstanceOf(DayPlan::class, $day);
        self::assertEquals(Days::at('17:25'), $day->at(TaskKind::ForkTest)?->at);
        $times = array_map(static fn (Task $t): \DateTimeImmutable => $t->at, $day->tasks);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
    }

    public function testVegetablesThatWereCutEarlierLetTheMorningBeginLater(): void
    {
        $braise = Days::braise(Kitchen::alone(Days::home('05:00')));
        $prepare = static function (?WholeDay $whole): ?\DateTimeImmutable {
            $day = $whole?->braise->day();

            return $day instanceof DayPlan ? $day->at(TaskKind::Prepare)?->at : null;
        };

        self::assertGreaterThan(
            $prepare(Days::plan($braise)), $prepare(Days::plan($braise, [], ['cut-vegetables' => Days::at('21:00', '2026-11-25')])),
        );
    }

    public function testWhoWantsToBeSurerStartsSooner(): void
    {
        $on = [];
        foreach (Sureness::cases() as $sureness) {
            $day = Days::braise(Kitchen::alone(Days::home('05:00')), choice: ProgramChoice::High, sureness: $sureness)->day();
            self::assertInstanceOf(DayPlan::class, $day);
            $on[] = $day->switchOn->getTimestamp();
            self::assertEquals(Days::at('19:00'), $day->serve);
        }
        $sorted = $on;
        rsort($sorted);
        self::assertSame($sorted, $on);
        self::assertCount(3, array_unique($on));
    }

    public function testTheEveningBeforeTakesWhatIsWanted(): void
    {
        $lines = [...Days::LINES, '1 tsp ground cumin', '1 tsp ground coriander', '1 tsp paprika', '1 cinnamon stick'];
        $handling = new Handling(cutsTheNightBefore: true, mixesTheNightBefore: true, saltsTheNightBefore: true);
        $day = Days::plan(Days::braise(Kitchen::alone(Days::home('05:00')), $handling, $lines));
        $jobs = Days::jobs($day);

        foreach (['night-cut-vegetables', 'night-mix-spices', 'night-salt'] as $job) {
            self::assertSame('2026-11-25', $jobs[$job]->from->format('Y-m-d'), $job);
        }
        self::assertArrayNotHasKey('mix-spices', $jobs);
        self::assertArrayNotHasKey('cut-vegetables', $jobs);
        self::assertArrayHasKey('mix-spices', Days::jobs(Days::plan(Days::braise(Kitchen::alone(Days::home('05:00')), lines: $lines))));
    }

    public function testAnEveningThatHasPassedIsSaid(): void
    {
        $lines = [...Days::LINES, '250 g dried haricot beans'];
        $morning = Days::braise(
            Kitchen::alone(Days::home('05:00')), new Handling(cutsTheNightBefore: true), $lines, now: Days::at('05:05'),
            choice: ProgramChoice::High,
        );
        $codes = array_map(static fn (Caught $c): string => $c->code, Days::plan($morning)->caught ?? []);

        self::assertContains('evening-soak-beans', $codes);
        self::assertContains('evening-cut-ahead', $codes);
    }

    public function testASettingIsTurnedBySomebodyWhoIsThere(): void
    {
        $handling = new Handling(highHours: 1.0);
        $braise = static fn (string $leaves): AdaptedBraise => Days::braise(
            Kitchen::alone(new Presence([Days::between($leaves, '17:20')], '22:45', '05:00')), $handling,
            choice: ProgramChoice::HighThenLow,
        );
        $turned = Days::jobs(Days::plan($braise('08:00')))['turn-setting'] ?? null;
        self::assertNotNull($turned);
        self::assertLessThanOrEqual(Days::at('08:00'), $turned->to);

        $never = $braise('06:10')->day();
        self::assertInstanceOf(Clash::class, $never);
        self::assertSame(ClashReason::NobodyToTurn, $never->reason);

        $home = Days::plan(Days::braise(Kitchen::alone(Days::home('05:00')), $handling, choice: ProgramChoice::HighThenLow));
        $on = $home?->braise->day() instanceof DayPlan ? $home->braise->day()->switchOn : null;
        self::assertEquals($on?->modify('+1 hour'), Days::jobs($home)['turn-setting']->from);
    }

    public function testMeatIsPulledWhileTheSauceBoilsDown(): void
    {
        $day = Days::plan(Days::braise(
            Kitchen::alone(Days::home('05:00')), texture: Doneness::Pulls, choice: ProgramChoice::High,
            lines: [...Days::LINES, '500 ml red wine'],
        ));
        $jobs = Days::jobs($day);

        self::assertGreaterThanOrEqual($jobs['lift-out']->to, $jobs['shred-meat']->from);
        self::assertLessThanOrEqual($jobs['plate']->from, $jobs['shred-meat']->to);
        self::assertArrayNotHasKey('shred-meat', Days::jobs(Days::plan(Days::braise(Kitchen::alone(Days::home('05:00'))))));
    }

    /** @param list<string> $heldBack */
    #[TestWith([0.0, []])]
    #[TestWith([10.0, ['steamed-greens-1']])]
    #[TestWith([45.0, ['lift-out', 'mash-1', 'steamed-greens-1']])]
    public function testWhatCantWaitForLateGuestsIsHeldBackUntilTheyAreThere(float $late, array $heldBack): void
    {
        $day = Days::plan(
            Days::braise(new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00'))), new Handling(lateMinutes: $late)),
            ['mash', 'steamed-greens', 'slaw'],
        );
        self::assertNotNull($day);
        $ids = array_map(static fn (Placed $p): string => $p->job->id, $day->heldBack);
        sort($ids);

        self::assertSame($heldBack, $ids);
        foreach ($day->heldBack as $held) {
            $before = array_filter($day->placed, static fn (Placed $p): bool => $p->job->next === $held->job->id);
            foreach ($before as $one) {
                self::assertGreaterThanOrEqual(
                    $late, $one->job->waits - ($held->from->getTimestamp() - $one->to->getTimestamp()) / 60, $one->job->id,
                );
            }
        }
    }

    public function testAnotherSettingIsOfferedWhereItFreesTheHands(): void
    {
        // Prepared for High while the only ring is taken: on Low the pot is on before that.
        $kitchen = new Kitchen(Days::people(Days::home('05:00')), 1);
        $braise = Days::braise($kitchen, choice: ProgramChoice::High);
        self::assertInstanceOf(DayPlan::class, $braise->day());
        $on = $braise->day()->switchOn;
        $taken = new Placed(new Job('other', 'other', [], 260, false, 1), $on->modify('-240 minutes'), $on->modify('+20 minutes'));
        $day = Days::plan($braise, [], [], [new OtherPot('Jam', false, new Interval($taken->from, $taken->to), [$taken])]);

        self::assertSame(['braise', 'rings'], Days::clashing($day));
        self::assertContainsEquals(
            [new RunOn(ProgramChoice::Low)], array_map(static fn (WayOut $w): array => $w->changes, Days::ways($day)),
        );
        self::assertTrue(Days::plan(
            Days::braise($kitchen), [], [], [new OtherPot('Jam', false, new Interval($taken->from, $taken->to), [$taken])],
        )?->possible);
    }

    public function testAnotherBraiseOfTheDayKeepsItsHandsAndItsCooker(): void
    {
        $kitchen = Kitchen::alone(Days::home('05:00'));
        $braise = Days::braise($kitchen);
        $free = Days::jobs(Days::plan($braise, ['mash']))['mash-2'];
        $taken = new Placed(
            new Job('other', 'other', [], 15, true, 1), $free->from->modify('-20 minutes'), $free->to, $kitchen->people->persons[0],
        );
        $other = new OtherPot('Oxtail', true, new Interval(Days::at('10:00'), Days::at('18:00')), [$taken]);
        $day = Days::plan($braise, ['mash'], [], [$other]);

        self::assertNotNull($day);
        foreach ($day->placed as $placed) {
            self::assertTrue(
                !$placed->job->hands
                    || 'fork-test' === $placed->job->id
                    || !(new Interval($placed->from, $placed->to))->overlaps($taken->from, $taken->to),
                $placed->job->id,
            );
        }
        self::assertContainsEquals(new Caught('cooker-taken', 'Oxtail', Days::at('10:00')), $day->caught);
        $elsewhere = Days::plan($braise, ['mash'], [], [new OtherPot('Oxtail', false, $other->cooks, [])]);
        self::assertNotContainsEquals(new Caught('cooker-taken', 'Oxtail', Days::at('10:00')), $elsewhere->caught ?? []);
    }

    public function testWhateverTheDayNobodyDoesTwoThingsAtOnceAndNothingWaitsTooLong(): void
    {
        mt_srand(20261126);
        $ids = array_map(static fn ($side): string => $side->id, Sides::load()->all());
        $planned = 0;
        for ($case = 0; $case < 30; ++$case) {
            $kitchen = new Kitchen(
                Days::people(Days::home('05:00'), Days::home('05:30', [Days::between('17:00', \sprintf('18:%02d', 5 * mt_rand(0, 11)))])),
                mt_rand(1, 4), mt_rand(0, 1),
            );
            $braise = Days::braise(
                $kitchen, kilograms: 1.0 + mt_rand(0, 3) / 10, choice: 0 === mt_rand(0, 1) ? ProgramChoice::Low : ProgramChoice::High,
                texture: 0 === mt_rand(0, 1) ? Doneness::Fork : Doneness::Pulls,
            );
            $picked = array_map(static fn (int $k): string => $ids[$k], (array) array_rand($ids, mt_rand(1, 3)));
            $day = Days::plan($braise, $picked, ['portion' => Days::at('20:00')]);
            if (true === $day?->possible) {
                SoundDay::check($day, $kitchen);
                ++$planned;
            }
        }
        self::assertGreaterThan(10, $planned);
    }
}
