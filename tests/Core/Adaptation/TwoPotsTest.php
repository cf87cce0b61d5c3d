<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\Schedule\Companion;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/** Two braises for one dinner, in one kitchen. */
final class TwoPotsTest extends TestCase
{
    public function testOneCookDoesBothAndNothingTwice(): void
    {
        $kitchen = Kitchen::alone(Days::home('05:00'));
        [$beef, $pork] = [Dishes::adapted('plain-chuck', $kitchen), Dishes::adapted('pulled-pork', $kitchen)];
        $first = Days::plan($beef);
        self::assertNotNull($first);
        $second = self::beside($pork, [], $first, $beef, []);

        self::assertTrue($second?->possible);
        self::assertBoth($second, $second->moved['first'] ?? $first, $kitchen);
    }

    public function testWhatIsPlannedAlreadyIsPlacedAnewWhereItDoesntGoTogetherElse(): void
    {
        $kitchen = new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00', [Days::between('17:30', '19:00')])), 2);
        $moved = 0;
        foreach (['mash', 'polenta', 'egg-noodles', 'steamed-greens'] as $one) {
            foreach (['rice', 'green-beans', 'couscous'] as $other) {
                [$beef, $pork] = [Dishes::adapted('reduced-hard', $kitchen), Dishes::adapted('pulled-pork', $kitchen)];
                $first = Days::plan($beef, [$one]);
                self::assertNotNull($first);
                $second = self::beside($pork, [$other], $first, $beef, [$one]);
                if (true === $first->possible && true === $second?->possible) {
                    self::assertBoth($second, $second->moved['first'] ?? $first, $kitchen);
                    $moved += [] === $second->moved ? 0 : 1;
                }
            }
        }

        self::assertGreaterThan(0, $moved);
    }

    public function testOnePersonNeverBoxesTheLeftoversOfBothAtOnce(): void
    {
        $kitchen = Kitchen::alone(Days::home('05:00'));
        $beef = Days::braise($kitchen);
        $first = Days::plan($beef);
        self::assertNotNull($first);
        $second = self::beside($beef, [], $first, $beef, []);
        $boxes = [Days::jobs($second->moved['first'] ?? $first)['portion'] ?? null, Days::jobs($second)['portion'] ?? null];

        self::assertNotNull($boxes[0]);
        self::assertNotNull($boxes[1]);
        self::assertFalse((new Interval($boxes[0]->from, $boxes[0]->to))->overlaps($boxes[1]->from, $boxes[1]->to));
    }

    /**
     * @param list<string> $sides
     * @param list<string> $firstSides
     */
    private static function beside(AdaptedBraise $braise, array $sides, WholeDay $first, AdaptedBraise $of, array $firstSides): ?WholeDay
    {
        $day = $first->braise->day();
        self::assertInstanceOf(DayPlan::class, $day);
        $pot = new OtherPot('First', false, new Interval($day->switchOn, $day->serve), $first->placed);
        $find = static fn (array $ids): array => array_values(array_filter(
            Sides::load()->all(), static fn (Side $s): bool => \in_array($s->id, $ids, true),
        ));

        return (new PlanDay())->plan(
            $braise, $find($sides), [], [$pot], static fn (): array => [new Companion('first', $pot, $of, $find($firstSides), [])],
        );
    }

    private static function assertBoth(WholeDay $one, WholeDay $other, Kitchen $kitchen): void
    {
        SoundDay::check($one, $kitchen, $other->placed, 'The second:');
        SoundDay::check($other, $kitchen, $one->placed, 'The first:');
        $tests = array_map(
            static fn (WholeDay $d): array => array_map(
                static fn (Placed $p): string => $p->from->format('H:i'),
                array_filter($d->placed, static fn (Placed $p): bool => 'fork-test' === $p->job->id),
            ),
            [$one, $other],
        );
        self::assertCount(1, $tests[0]);
        self::assertCount(1, $tests[1]);
    }
}
