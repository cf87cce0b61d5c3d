<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Internal\Hands;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Sides;
use PHPUnit\Framework\TestCase;

final class SchedulerTest extends TestCase
{
    private const SERVE = '2026-11-26 19:00';

    public function testItIsAsCheapAsTheCheapestOfAllPlans(): void
    {
        mt_srand(20261126);
        $solved = 0;
        for ($case = 0; $case < 60; ++$case) {
            $jobs = self::randomJobs(mt_rand(2, 4));
            $gone = self::between('18:00', '18:'.(15 + 5 * mt_rand(0, 4)));
            $kitchen = new Kitchen(People::alone(new Presence([$gone], '00:00', '00:00')), mt_rand(1, 2), 1);
            $solved += self::assertCheapest($jobs, $kitchen, "case $case") ? 1 : 0;
        }
        self::assertGreaterThan(20, $solved);
        self::assertLessThan(60, $solved);
    }

    public function testTwoCooksWithTimesOfTheirOwnDoItAsCheaplyAsCanBe(): void
    {
        mt_srand(20261127);
        $solved = 0;
        for ($case = 0; $case < 40; ++$case) {
            $jobs = self::randomJobs(mt_rand(2, 4));
            $first = new Presence(
                [self::between('18:30', '19:00')], '00:00', '00:00', [self::between('17:50', '18:'.(10 + 5 * mt_rand(0, 3)))],
            );
            $second = new Presence([self::between('17:30', '18:'.(10 + 5 * mt_rand(0, 4)))], '00:00', '00:00');
            $kitchen = new Kitchen(new People([new Person('a', 'A', $first), new Person('b', 'B', $second)]), mt_rand(1, 2), 1);
            $solved += self::assertCheapest($jobs, $kitchen, "case $case") ? 1 : 0;
        }
        self::assertGreaterThan(10, $solved);
    }

    /** @param list<Job> $jobs */
    private static function assertCheapest(array $jobs, Kitchen $kitchen, string $case): bool
    {
        $found = (new Scheduler($kitchen, self::at('17:30'), self::at('19:00')))->schedule($jobs);
        $cheapest = self::bruteForce($jobs, $kitchen);
        self::assertSame(null === $cheapest, null === $found, $case);
        if (null === $found) {
            return false;
        }
        self::assertEqualsWithDelta($cheapest, $found->cost, 1e-9, $case);
        self::assertTrue($found->optimal);
        self::assertSound($found, $kitchen);

        return true;
    }

    public function testTheSamePlanForTheSameDay(): void
    {
        $plan = fn (): array => array_map(
            static fn (Placed $p): string => $p->job->id.$p->from->format('H:i'),
            $this->dinner(['mash', 'slaw', 'steamed-greens'])->placed ?? [],
        );

        self::assertSame($plan(), $plan());
    }

    public function testEverySideCanBeMadeAloneAndFitsItsLimits(): void
    {
        foreach (Sides::load()->all() as $side) {
            $schedule = $this->dinner([$side->id]);
            self::assertNotNull($schedule, $side->id);
            self::assertTrue($schedule->optimal);
            self::assertSound($schedule, new Kitchen(self::awake()));
        }
    }

    public function testFiveSidesForSixArePlacedInOneKitchen(): void
    {
        $schedule = $this->dinner(['mash', 'slaw', 'steamed-greens', 'warm-loaf', 'root-puree'], 6);

        self::assertNotNull($schedule);
        self::assertSound($schedule, new Kitchen(self::awake()));
    }

    public function testWithoutARingNothingIsBoiled(): void
    {
        $scheduler = new Scheduler(new Kitchen(self::awake(), 0, 1), self::at('12:00'), self::at('19:00'));

        self::assertNull($scheduler->schedule(Sides::load()->find('mash')?->jobs(4) ?? []));
        self::assertNotNull($scheduler->schedule(Sides::load()->find('slaw')?->jobs(4) ?? []));
    }

    public function testMinutesAreMinutesAlsoWhenTheClocksChange(): void
    {
        $zone = new \DateTimeZone('Europe/Vienna');
        foreach (['2027-03-28 04:00' => '01:00', '2026-10-25 04:00' => '02:00'] as $serve => $from) {
            $scheduler = new Scheduler(
                new Kitchen(self::awake()), new \DateTimeImmutable(substr($serve, 0, 10).' 00:00', $zone),
                new \DateTimeImmutable($serve, $zone),
            );
            $placed = $scheduler->schedule([new Job('long', 'simmer', [], 120, false, 1)])->placed[0] ?? null;

            self::assertNotNull($placed);
            self::assertSame(120 * 60, $placed->to->getTimestamp() - $placed->from->getTimestamp());
            self::assertSame($from, $placed->from->format('H:i'));
        }
    }

    public function testNothingFitsBeforeTheDayBegins(): void
    {
        $late = new Scheduler(new Kitchen(self::awake()), self::at('19:00'), self::at('18:00'));

        self::assertNull($late->schedule(Sides::load()->find('mash')?->jobs(4) ?? []));
        self::assertSame([], $late->schedule([])?->placed);
    }

    public function testJobsThatWaitForAMissingOneAreARefusedMistake(): void
    {
        $this->expectException(\LogicException::class);
        (new Scheduler(
            new Kitchen(self::awake()), self::at('12:00'), self::at('19:00'),
        ))->schedule([new Job('a', 'x', [], 5, true, next: 'nowhere')]);
    }

    public function testWhatIsReservedIsLeftAlone(): void
    {
        $sauce = new Placed(new Job('sauce', 'sauce', [], 20, true, 1), self::at('18:40'), self::at('19:00'), self::awake()->persons[0]);
        $schedule = (new Scheduler(
            new Kitchen(self::awake()), self::at('12:00'), self::at('19:00'), [$sauce],
        ))->schedule(Sides::load()->find('mash')?->jobs(4) ?? []);

        self::assertNotNull($schedule);
        foreach ($schedule->placed as $placed) {
            self::assertTrue(!$placed->job->hands || $placed->to <= self::at('18:40'), $placed->job->id);
        }
    }

    /** @param list<string> $sides */
    private function dinner(array $sides, int $servings = 4): ?Schedule
    {
        $jobs = array_merge(...array_map(static fn (string $id): array => Sides::load()->find($id)?->jobs($servings) ?? [], $sides));

        return (new Scheduler(new Kitchen(self::awake()), self::at('08:00'), self::at('19:00')))->schedule($jobs);
    }

    private static function assertSound(Schedule $schedule, Kitchen $kitchen): void
    {
        $serve = self::at('19:00');
        $starts = [];
        foreach ($schedule->placed as $placed) {
            $starts[$placed->job->id] = $placed->from;
            self::assertSame($placed->job->hands, null !== $placed->person, $placed->job->id);
            self::assertNotFalse($placed->person?->presence->isFree($placed->from, $placed->to), $placed->job->id);
        }
        foreach ($schedule->placed as $placed) {
            $due = null === $placed->job->next ? $serve : $starts[$placed->job->next];
            $waited = ($due->getTimestamp() - $placed->to->getTimestamp()) / 60;
            self::assertGreaterThanOrEqual($placed->job->rests, $waited, $placed->job->id);
            self::assertLessThanOrEqual($placed->job->waits, $waited, $placed->job->id);
        }
        for ($t = self::at('08:00'); $t < $serve; $t = $t->modify('+5 minutes')) {
            $now = array_filter($schedule->placed, static fn (Placed $p): bool => $p->from <= $t && $t < $p->to);
            $hands = array_map(
                static fn (Placed $p): string => $p->person->id ?? '',
                array_filter($now, static fn (Placed $p): bool => null !== $p->person),
            );
            self::assertSame(\count($hands), \count(array_unique($hands)));
            self::assertLessThanOrEqual($kitchen->rings, array_sum(array_map(static fn (Placed $p): int => $p->job->rings, $now)));
            self::assertLessThanOrEqual($kitchen->ovens, array_sum(array_map(static fn (Placed $p): int => $p->job->ovens, $now)));
        }
    }

    /** @return list<Job> chains of one or two jobs */
    private static function randomJobs(int $count): array
    {
        $jobs = [];
        for ($k = 0; $k < $count; ++$k) {
            $next = $k > 0 && 0 === mt_rand(0, 2) && !\in_array(
                'j'.($k - 1), array_map(static fn (Job $j): ?string => $j->next, $jobs), true,
            ) ? 'j'.($k - 1) : null;
            $waits = 5 * mt_rand(0, 4);
            $jobs[] = new Job(
                "j$k", 'x', [], 5 * mt_rand(1, 4), 0 !== mt_rand(0, 3), mt_rand(0, 1), mt_rand(0, 1), $waits, $next,
                rests: 0 === mt_rand(0, 3) ? min(10, $waits) : 0,
            );
        }

        return $jobs;
    }

    /**
     * Every start on the grid, and every way of sharing the work.
     *
     * @param list<Job> $jobs
     */
    private static function bruteForce(array $jobs, Kitchen $kitchen): ?float
    {
        $slots = 18;
        $starts = array_fill(0, \count($jobs), 0);
        $place = array_flip(array_map(static fn (Job $j): string => $j->id, $jobs));
        $cheapest = null;
        $total = $slots ** \count($jobs);
        for ($n = 0; $n < $total; ++$n) {
            for ($k = 0, $rest = $n; $k < \count($jobs); ++$k, $rest = intdiv($rest, $slots)) {
                $starts[$k] = $rest % $slots;
            }
            $cost = self::costOf($jobs, $starts, $place, $slots);
            if (null !== $cost && (null === $cheapest || $cost < $cheapest) && self::fits($jobs, $starts, $slots, $kitchen)
                && self::isMinded($jobs, $starts, $kitchen->people)) {
                $shared = self::sharing($jobs, $starts, $kitchen->people->persons);
                if (null !== $shared && (null === $cheapest || $cost + $shared < $cheapest)) {
                    $cheapest = $cost + $shared;
                }
            }
        }

        return $cheapest;
    }

    /**
     * @param list<Job>          $jobs
     * @param array<int, int>    $starts
     * @param array<string, int> $place
     */
    private static function costOf(array $jobs, array $starts, array $place, int $slots): ?float
    {
        $cost = 0.0;
        foreach ($jobs as $k => $job) {
            $due = null === $job->next ? $slots : $starts[$place[$job->next]];
            $waited = 5 * ($due - $starts[$k]) - $job->minutes;
            if ($waited < $job->rests || $waited > $job->waits) {
                return null;
            }
            $cost += ($waited - $job->rests) * $job->impatience();
        }

        return $cost;
    }

    /**
     * @param list<Job>       $jobs
     * @param array<int, int> $starts
     */
    private static function fits(array $jobs, array $starts, int $slots, Kitchen $kitchen): bool
    {
        for ($slot = 0; $slot < $slots; ++$slot) {
            $rings = $ovens = 0;
            foreach ($jobs as $k => $job) {
                if ($starts[$k] <= $slot && $slot < $starts[$k] + $job->minutes / 5) {
                    $rings += $job->rings;
                    $ovens += $job->ovens;
                }
            }
            if ($rings > $kitchen->rings || $ovens > $kitchen->ovens) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether somebody is in the house while a flame burns, and when something is put into the oven and taken out.
     *
     * @param list<Job>       $jobs
     * @param array<int, int> $starts
     */
    private static function isMinded(array $jobs, array $starts, People $people): bool
    {
        foreach ($jobs as $k => $job) {
            for ($slot = $starts[$k], $last = $slot + intdiv($job->minutes, 5) - 1; $slot <= $last; ++$slot) {
                $asked = $job->rings > 0 || ($job->ovens > 0 && \in_array($slot, [$starts[$k], $last], true));
                $at = self::at('17:30')->modify('+'.(5 * $slot).' minutes');
                if (!$job->hands && $asked && [] === array_filter(
                    $people->persons, static fn (Person $p): bool => $p->presence->neverBusy()->isFree($at, $at->modify('+5 minutes')),
                )) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * What it costs to call people from something else, at the least; null where the work can't be shared out.
     *
     * @param list<Job>       $jobs
     * @param array<int, int> $starts
     * @param list<Person>    $persons
     */
    private static function sharing(array $jobs, array $starts, array $persons): ?float
    {
        $cheapest = null;
        for ($n = 0, $ways = \count($persons) ** \count($jobs); $n < $ways; ++$n) {
            $cost = 0.0;
            $taken = [];
            for ($k = 0, $rest = $n; $k < \count($jobs); ++$k, $rest = intdiv($rest, \count($persons))) {
                $who = $rest % \count($persons);
                $from = self::at('17:30')->modify('+'.(5 * $starts[$k]).' minutes');
                $to = $from->modify("+{$jobs[$k]->minutes} minutes");
                if (!$jobs[$k]->hands) {
                    continue;
                }
                $alone = array_filter($taken[$who] ?? [], static fn (Interval $i): bool => $i->overlaps($from, $to));
                if ([] !== $alone || !$persons[$who]->presence->isFree($from, $to)) {
                    continue 2;
                }
                $taken[$who][] = new Interval($from, $to);
                $cost += $persons[$who]->presence->isBusy($from, $to) ? Hands::INTRUSION : 0.0;
            }
            $cheapest = min($cheapest ?? $cost, $cost);
        }

        return $cheapest;
    }

    private static function awake(): People
    {
        return People::alone(new Presence([], '00:00', '00:00'));
    }

    private static function between(string $from, string $to): Interval
    {
        return new Interval(self::at($from), self::at($to));
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable(substr(self::SERVE, 0, 11).$time, new \DateTimeZone('Europe/Vienna'));
    }
}
