<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Job;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use PHPUnit\Framework\TestCase;

final class SidesTest extends TestCase
{
    public function testEverySideIsAChainThatEndsOnTheTable(): void
    {
        $sides = Sides::load()->all();
        self::assertGreaterThanOrEqual(16, \count($sides));
        foreach ($sides as $side) {
            $jobs = $side->jobs(4);
            self::assertNotSame('', $side->takes, $side->id);
            foreach ($jobs as $k => $job) {
                self::assertSame(isset($jobs[$k + 1]) ? $jobs[$k + 1]->id : null, $job->next, $job->id);
                self::assertGreaterThan(0, $job->minutes, $job->id);
                self::assertTrue($job->hands || $job->rings > 0 || $job->ovens > 0 || 'soak' === $job->code, "$job->id takes nothing");
            }
        }
    }

    public function testMoreServingsNeverTakeLessTime(): void
    {
        $minutes = static fn (Side $side, int $servings): int => array_sum(array_map(
            static fn (Job $j): int => $j->minutes, $side->jobs($servings),
        ));
        foreach (Sides::load()->all() as $side) {
            self::assertLessThanOrEqual($minutes($side, 12), $minutes($side, 2), $side->id);
        }
        self::assertSame(2 + 2 * 6, Sides::load()->find('mash')?->jobs(6)[0]->minutes);
    }

    public function testADishOfOnesOwnIsWorkThenCookingOrOneOfThem(): void
    {
        $both = Side::own('own0', 'apple sauce', 10, 20, true, false)->jobs(4);
        self::assertSame(
            [['own-work', 10, true, 0], ['own-cook', 20, false, 1]],
            array_map(static fn (Job $j): array => [$j->code, $j->minutes, $j->hands, $j->rings], $both),
        );
        self::assertSame('own0-1', $both[0]->next);

        self::assertSame(
            ['own-work'], array_map(static fn (Job $j): string => $j->code, Side::own('own1', 'radishes', 5, 0, false, false)->jobs(4)),
        );
        self::assertSame([1], array_map(static fn (Job $j): int => $j->ovens, Side::own('own2', 'pie', 0, 40, false, true)->jobs(4)));
        self::assertSame([], Side::own('own3', 'bread', 0, 0, false, false)->jobs(4));
    }

    public function testTheLongerAJobMayWaitTheLessItsWaitingCosts(): void
    {
        $job = static fn (int $waits): Job => new Job('j', 'x', [], 5, true, waits: $waits);

        self::assertSame(1.0, $job(0)->impatience());
        self::assertSame(0.5, $job(30)->impatience());
        self::assertLessThan($job(60)->impatience(), $job(240)->impatience());
        self::assertNull($job(0)->pinned);
    }

    public function testAnUnknownSideIsNone(): void
    {
        self::assertNull(Sides::load()->find('gluggles'));
    }
}
