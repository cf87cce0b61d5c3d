<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\Companion;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Habit;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Whereabouts;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/** Days that nobody would wish for: each has a plan or a true reason why not. */
final class HardDaysTest extends TestCase
{
    public function testThreeBraisesForOneDinner(): void
    {
        $kitchen = new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00')), 4);
        $pots = $companions = $placed = [];
        foreach (['plain-chuck', 'pulled-pork', 'blended-sauce'] as $name) {
            $braise = Dishes::adapted($name, $kitchen);
            $day = (new PlanDay())->plan($braise, [], [], $pots, static fn (): array => $companions);
            self::assertTrue($day?->possible, $name);
            foreach ($day->moved as $id => $moved) {
                $placed[$id] = $moved->placed;
            }
            $placed[$name] = $day->placed;
            $pots[] = new OtherPot($name, false, self::cooks($day), $day->placed, $name);
            $companions[] = new Companion($name, $pots[\count($pots) - 1], $braise, [], []);
            self::assertSame([], self::doneTwiceAtOnce(array_merge(...array_values($placed))), $name);
        }
    }

    public function testEverybodyAwayFromTheSauceToThePlate(): void
    {
        $braise = Days::braise(new Kitchen(Days::people(
            new Presence([Days::between('17:00', '19:30')], '22:45', '05:00'),
            new Presence([Days::between('16:00', '19:30')], '22:45', '05:00'),
        )));
        $clash = $braise->day();

        self::assertInstanceOf(Clash::class, $clash);
        self::assertSame(ClashReason::AwayAtTheEnd, $clash->reason);
        self::assertNull($clash->hindrance?->interval, 'of several no one is named');
        self::assertNotNull($clash->serveFrom());
        self::assertGreaterThan(Days::at('19:30'), $clash->serveFrom());
        self::assertLessThan(Days::at('17:01'), $clash->serveBefore());
    }

    public function testTheOnlyCooksOwnReasonIsNamedFromWhenToWhen(): void
    {
        $busy = Days::between('16:00', '19:10');
        $clash = Days::braise(
            Kitchen::alone(Days::home('05:00', [$busy])), choice: ProgramChoice::High, texture: Doneness::Pulls, kilograms: 2.2,
        )->day();

        self::assertInstanceOf(Clash::class, $clash);
        self::assertSame(Whereabouts::Busy, $clash->hindrance?->where);
        self::assertEquals($busy, $clash->hindrance->interval);
    }

    public function testTheClocksChangeInTheFinish(): void
    {
        $at = static fn (string $time): \DateTimeImmutable => Days::at($time, '2026-10-25');
        $people = People::alone(new Presence([], '00:00', '00:00'));
        $braise = Days::braise(new Kitchen($people), serve: $at('03:10'), now: Days::at('12:00', '2026-10-24'));
        $day = Days::plan($braise, ['mash']);

        self::assertTrue($day?->possible);
        SoundDay::check($day, $braise->order->kitchen);
        foreach ($day->placed as $placed) {
            self::assertSame($placed->job->minutes, intdiv($placed->to->getTimestamp() - $placed->from->getTimestamp(), 60));
        }
    }

    public function testAHabitOfTheWholeWeekLeavesNoDinner(): void
    {
        $habit = new Habit([1, 2, 3, 4, 5, 6, 7], '00:00', '24:00', Whereabouts::Away);
        $away = Presence::usual([$habit], [], '22:45', '05:00', Days::at('12:00', '2026-11-25'), Days::at('12:00', '2026-11-30'));
        $clash = Days::braise(Kitchen::alone($away))->day();

        self::assertInstanceOf(Clash::class, $clash);
        self::assertNull($clash->serveFrom());
        self::assertSame(Whereabouts::Away, $clash->hindrance?->where);
    }

    public function testPinsOnEveryJobAndPinsThatContradictEachOther(): void
    {
        $braise = Days::braise(Kitchen::alone(Days::home('05:00')));
        $day = Days::plan($braise, ['mash', 'slaw']);
        self::assertTrue($day?->possible);
        $own = array_combine(
            array_map(static fn (Placed $p): string => $p->job->id, $day->placed),
            array_map(static fn (Placed $p): \DateTimeImmutable => $p->from, $day->placed),
        );
        self::assertSame([], Days::plan($braise, ['mash', 'slaw'], $own)?->refused);
        $same = array_map(static fn (): \DateTimeImmutable => Days::at('17:00'), $own);
        $most = Days::plan($braise, ['mash', 'slaw'], $same);

        self::assertTrue($most?->possible);
        self::assertNotSame([], $most->refused);
        SoundDay::check($most, $braise->order->kitchen);
    }

    private static function cooks(WholeDay $day): Interval
    {
        $own = $day->braise->day();
        self::assertInstanceOf(DayPlan::class, $own);

        return new Interval($own->switchOn, $own->serve);
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<string>
     */
    private static function doneTwiceAtOnce(array $placed): array
    {
        $twice = [];
        foreach ($placed as $k => $one) {
            foreach (\array_slice($placed, $k + 1) as $other) {
                if (null !== $one->person && $one->person === $other->person && $one->from < $other->to && $other->from < $one->to) {
                    $twice[] = "{$one->job->id} and {$other->job->id}";
                }
            }
        }

        return $twice;
    }
}
