<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Internal\Sharing;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use PHPUnit\Framework\TestCase;

/** Two in one kitchen: who does what, and at what times. */
final class SharingTest extends TestCase
{
    public function testTheWorkIsSharedEvenly(): void
    {
        $minutes = self::minutes(self::schedule([self::job('a', 20), self::job('b', 20), self::job('c', 20), self::job('d', 20)]));
        self::assertSame(['1' => 40, '2' => 40], $minutes);
    }

    public function testADishIsKeptByOnePersonWhereThatIsLittleLessEven(): void
    {
        $jobs = [self::job('peel', 10, next: 'mash'), self::job('mash', 6), self::job('wash', 12, next: 'dress'), self::job('dress', 4)];
        $who = [];
        foreach (self::schedule($jobs)->placed as $placed) {
            $who[$placed->job->id] = $placed->person?->id;
        }
        self::assertSame($who['peel'], $who['mash']);
        self::assertSame($who['wash'], $who['dress']);
        self::assertNotSame($who['peel'], $who['wash']);
    }

    public function testNobodyIsCalledFromSomethingElseToMakeItEven(): void
    {
        $busy = new Presence([], '00:00', '00:00', [new Interval(self::at('16:00'), self::at('19:00'))]);
        $minutes = self::minutes(self::schedule([self::job('a', 8), self::job('b', 8)], $busy));
        self::assertSame(['1' => 16], $minutes);
    }

    public function testWhatADishHandedOverAndAMinuteMoreCost(): void
    {
        $jobs = [self::job('a', 10, next: 'b'), self::job('b', 4)];
        $sharing = new Sharing($jobs, ['a' => 0, 'b' => 20], static fn (): float => 0.0, 2, 0.0);
        self::assertSame(Sharing::UNEVEN * 14, $sharing->cost(['a' => 0, 'b' => 0]));
        self::assertSame(Sharing::UNEVEN * 6 + Sharing::HANDOVER, $sharing->cost(['a' => 0, 'b' => 1]));
        self::assertEqualsWithDelta(0.25, Sharing::UNEVEN, 1e-9);
        self::assertEqualsWithDelta(3.0, Sharing::HANDOVER, 1e-9);
    }

    public function testTimesAreRoundWhereWaitingDoesNoHarm(): void
    {
        $placed = self::schedule([self::job('peel', 13, waits: 60), self::job('boil', 17, hands: false, waits: 3)])->placed;
        $at = array_combine(
            array_map(static fn (Placed $p): string => $p->job->id, $placed),
            array_map(static fn (Placed $p): string => $p->from->format('H:i'), $placed),
        );
        self::assertSame(['18:43', '18:45'], [$at['boil'], $at['peel']]);
    }

    private static function job(string $id, int $minutes, ?string $next = null, int $waits = 30, bool $hands = true): Job
    {
        return new Job($id, 'x', [], $minutes, $hands, waits: $waits, next: $next);
    }

    /** @param list<Job> $jobs */
    private static function schedule(array $jobs, Presence $second = new Presence([], '00:00', '00:00')): Schedule
    {
        $people = new People([new Person('1', 'A', new Presence([], '00:00', '00:00')), new Person('2', 'B', $second)]);
        $schedule = (new Scheduler(new Kitchen($people, 4, 1), self::at('16:00'), self::at('19:00')))->schedule($jobs);
        self::assertNotNull($schedule);

        return $schedule;
    }

    /** @return array<string, int> by person */
    private static function minutes(Schedule $schedule): array
    {
        $minutes = [];
        foreach ($schedule->placed as $placed) {
            $id = (string) $placed->person?->id;
            $minutes[$id] = ($minutes[$id] ?? 0) + $placed->job->minutes;
        }
        ksort($minutes);

        return $minutes;
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable("2026-11-26 $time", new \DateTimeZone('Europe/Vienna'));
    }
}
