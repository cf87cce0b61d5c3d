<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Chain;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\ForkTests;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Volume;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class BackwardPlanTest extends TestCase
{
    private const READY = [6.5, 8.0, 10.0];

    public function testBackFromThePlate(): void
    {
        $plan = $this->solve('2026-11-26 05:00', '2026-11-26 19:00', []);

        self::assertInstanceOf(DayPlan::class, $plan);
        self::assertSame('08:40', $plan->switchOn->format('H:i'));
        self::assertSame(
            ['prepare 08:05', 'switch-on 08:40', 'fork-test 15:55', 'likely-ready 16:40', 'sauce 18:40', 'serve 19:00', 'fridge 21:00'],
            array_map(static fn (Task $t): string => $t->kind->value.' '.$t->at->format('H:i'), $plan->tasks),
        );
    }

    public function testLoadedBeforeLeavingAndTestedOnReturn(): void
    {
        $plan = $this->solve('2026-11-26 05:00', '2026-11-26 19:00', [['2026-11-26 08:10', '2026-11-26 17:20']]);

        self::assertInstanceOf(DayPlan::class, $plan);
        self::assertSame('08:10', $plan->switchOn->format('H:i'));
        self::assertSame('17:20', $plan->at(TaskKind::ForkTest)?->at->format('H:i'));
    }

    public function testNobodyLoadsWhileAsleep(): void
    {
        $plan = $this->solve('2026-11-25 18:00', '2026-11-26 13:00', [], [4.5, 6.0, 7.5]);

        self::assertInstanceOf(DayPlan::class, $plan);
        // The latest start would be 05:05, and the cook sleeps from 23:00 to 06:30.
        self::assertSame('2026-11-25 23:00', $plan->switchOn->format('Y-m-d H:i'));
    }

    public function testNobodyTurnsACookerInAnEmptyHouse(): void
    {
        $cooker = new Cooker(Volume::litres(5.7));
        $program = Program::steady(Setting::High, $cooker)->turnedTo(Setting::Low, Duration::hours(2), $cooker);
        $day = fn (string $from): DayPlan|Clash => $this->solve(
            '2026-11-26 07:30', '2026-11-26 19:00', [["2026-11-26 $from", '2026-11-26 17:20']], program: $program,
        );

        // On by 08:40 at the latest, it would be turned at 10:40, or up to a quarter of an hour later.
        $there = $day('10:45');
        self::assertInstanceOf(DayPlan::class, $there);
        self::assertSame(
            $there->switchOn->modify('+2 hours')->getTimestamp(), $there->at(TaskKind::SettingChange)?->at->getTimestamp(),
        );
        $gone = $day('09:30');
        self::assertInstanceOf(Clash::class, $gone);
        self::assertSame(ClashReason::NobodyToTurn, $gone->reason);
    }

    public function testAwayAllDayIsAClashWithADinnerThatWorks(): void
    {
        $away = [['2026-11-26 05:30', '2026-11-26 18:00']];
        $clash = $this->solve('2026-11-26 05:00', '2026-11-26 19:00', $away);
        self::assertInstanceOf(Clash::class, $clash);
        self::assertSame(ClashReason::NoTimeToLoad, $clash->reason);
        self::assertNotNull($clash->serveFrom());

        $offered = $this->solve('2026-11-26 05:00', $clash->serveFrom()->format('Y-m-d H:i'), $away);
        self::assertInstanceOf(DayPlan::class, $offered);
    }

    public function testTooSoonAwayAtTheEndAndNever(): void
    {
        $soon = $this->solve('2026-11-26 12:00', '2026-11-26 19:00', []);
        $away = $this->solve('2026-11-26 05:00', '2026-11-26 19:00', [['2026-11-26 18:30', '2026-11-26 18:55']]);
        $never = $this->solve('2026-11-26 05:00', '2026-11-26 19:00', [], [12.0, 19.0, null]);

        self::assertSame([ClashReason::TooSoon, ClashReason::AwayAtTheEnd, ClashReason::NeverReady],
            array_map(static fn (DayPlan|Clash $p): ?ClashReason => $p instanceof Clash ? $p->reason : null, [$soon, $away, $never]));
    }

    public function testTheMeatIsNeverHeldUntilHalfOfSuchPotsArePastTheirBest(): void
    {
        $clash = $this->solve('2026-11-25 12:00', '2026-11-26 19:00', [['2026-11-25 22:00', '2026-11-26 18:00']], past: [11.0, 13.0, 16.0]);

        self::assertInstanceOf(Clash::class, $clash);
        self::assertSame(ClashReason::NoTimeToLoad, $clash->reason);
    }

    public function testWarmHoldsAtMostFourHours(): void
    {
        $cooker = new Cooker(Volume::litres(5), Shape::Oval, autoWarmAfter: Duration::hours(8));
        $away = [['2026-11-26 06:00', '2026-11-26 18:00']];
        $steady = $this->solve('2026-11-25 12:00', '2026-11-26 19:00', $away, past: [14.0, 18.0, null]);
        $warm = $this->solve(
            '2026-11-25 12:00', '2026-11-26 19:00', $away, past: [14.0, 18.0, null], program: Program::steady(Setting::Low, $cooker),
        );

        self::assertInstanceOf(
            DayPlan::class,
            $this->solve(
                '2026-11-25 12:00', '2026-11-26 19:00', [], past: [14.0, 18.0, null], program: Program::steady(Setting::Low, $cooker),
            ),
        );
        self::assertInstanceOf(Clash::class, $steady);
        self::assertInstanceOf(Clash::class, $warm);
    }

    public function testAClockChangeTakesItsHour(): void
    {
        // In Vienna the night to 25 October 2026 is 25 hours long.
        $plan = $this->solve('2026-10-24 12:00', '2026-10-25 12:00', [], presence: new Presence([], '00:00', '00:00'));

        self::assertInstanceOf(DayPlan::class, $plan);
        self::assertSame(10.0 + 20 / 60, ($plan->serve->getTimestamp() - $plan->switchOn->getTimestamp()) / 3600);
        self::assertSame('02:40 CEST', $plan->switchOn->format('H:i T'));
    }

    public function testARunningPotMovesDinnerOnlyWhenItMust(): void
    {
        $on = self::at('2026-11-26 08:00');
        $inTime = $this->plan('2026-11-26 16:00', '2026-11-26 19:00', [])->follow(
            $on, Cooks::on(Setting::Low), new Window(6.5, 8, 10), new Window(12, 15, 18),
        );
        $late = $this->plan('2026-11-26 16:00', '2026-11-26 19:00', [], last: 8 + 58 / 60)->follow(
            $on, Cooks::on(Setting::Low), new Window(9, 9.2, 13), new Window(16, 19, null),
        );

        $forgotten = $this->plan('2026-11-26 19:42', '2026-11-26 19:00', [])->follow(
            $on, Cooks::on(Setting::Low), new Window(6.5, 8, 10), new Window(16, 19, null),
        );
        $begun = $this->plan('2026-11-26 19:42', '2026-11-26 19:00', [])->follow(
            $on, Cooks::on(Setting::Low), new Window(6.5, 8, 10), new Window(16, 19, null), self::at('2026-11-26 19:05'),
        );
        self::assertSame(['20:05', '19:25'], [$forgotten->serve->format('H:i'), $begun->serve->format('H:i')]);
        self::assertSame(['19:00', '21:20'], [$inTime->serve->format('H:i'), $late->serve->format('H:i')]);
        self::assertSame('17:45', $late->at(TaskKind::ForkTest)?->at->format('H:i'));
    }

    /**
     * @param list<array{string, string}>               $away
     * @param array{float, float, float|null}           $ready
     * @param array{float|null, float|null, float|null} $past
     */
    private function solve(
        string $now, string $serve, array $away, array $ready = self::READY, array $past = [16.0, 20.0, null], ?Presence $presence = null,
        ?Program $program = null,
    ): DayPlan|Clash {
        return $this->plan($now, $serve, $away, $presence)->solve(
            $program ?? Cooks::on(Setting::Low), new Window(...$ready), new Window(...$past),
        );
    }

    /** @param list<array{string, string}> $away */
    private function plan(string $now, string $serve, array $away, ?Presence $presence = null, ?float $last = null): BackwardPlan
    {
        $presence ??= new Presence(
            array_map(static fn (array $a): Interval => new Interval(self::at($a[0]), self::at($a[1])), $away), '23:00', '06:30',
        );

        return new BackwardPlan(
            self::at($now), self::at($serve), People::alone($presence), Chain::ofMinutes(33), Chain::ofMinutes(20),
            tests: new ForkTests(People::alone($presence), LookCost::always(0.0), last: $last),
        );
    }

    private static function at(string $local): \DateTimeImmutable
    {
        return new \DateTimeImmutable($local, new \DateTimeZone('Europe/Vienna'));
    }
}
