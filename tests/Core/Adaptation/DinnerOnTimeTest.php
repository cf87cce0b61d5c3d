<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\DinnerOnTime;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\FollowCook;
use Pausis\Core\Adaptation\FollowedCook;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\RunningCook;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Quantity\Duration;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

final class DinnerOnTimeTest extends TestCase
{
    public function testAResistingForkMovesTheSidesWithDinner(): void
    {
        $order = Days::braise(Kitchen::alone(Days::home('05:00')))->order;
        $calm = self::around($order, self::follow($order), ['mash', 'slaw']);
        $late = self::around($order, self::follow($order, [new ForkTest(Duration::hours(10), ForkAnswer::Resists)]), ['mash', 'slaw']);

        self::assertSame(array_keys($calm), array_keys($late));
        foreach ($calm as $job => $placed) {
            self::assertGreaterThan($placed->from, $late[$job]->from, $job);
        }
    }

    public function testWhatIsDoneIsLeftOutWithWhatLedToIt(): void
    {
        $order = Days::braise(Kitchen::alone(Days::home('05:00')))->order;
        $followed = self::follow($order);

        self::assertSame(['mash-2'], array_keys(self::sides(self::around($order, $followed, ['mash'], done: ['mash-1']), $followed)));
        self::assertSame([], self::sides(self::around($order, $followed, ['mash'], done: ['mash-2']), $followed));
        self::assertArrayNotHasKey('plate', self::around($order, $followed, ['mash'], done: ['plate']));
    }

    public function testTheBraisesOwnWorkIsToldInOrderWithSidesAndWithout(): void
    {
        $order = Days::braise(Kitchen::alone(Days::home('05:00')))->order;
        $followed = self::follow($order);
        $own = self::own($followed);

        self::assertGreaterThan(2, \count($own));
        self::assertSame($own, array_keys(self::around($order, $followed, [])));
        self::assertSame($own, array_values(array_intersect(array_keys(self::around($order, $followed, ['mash'])), $own)));
    }

    public function testATimeThatIsKeptIsKeptAndOneThatCantBeIsLeft(): void
    {
        $order = Days::braise(Kitchen::alone(Days::home('05:00')))->order;
        $followed = self::follow($order);
        $slaw = self::around($order, $followed, ['slaw'])['slaw-0'];

        self::assertEquals(
            $slaw->from->modify('-30 minutes'),
            self::around($order, $followed, ['slaw'], ['slaw-0' => $slaw->from->modify('-30 minutes')])['slaw-0']->from,
        );
        self::assertEquals(
            $slaw->from, self::around($order, $followed, ['slaw'], ['slaw-0' => $slaw->from->modify('-1 day')])['slaw-0']->from,
        );
    }

    public function testTheRingThatTheSauceNeedsIsLeftToIt(): void
    {
        $order = Days::braise(new Kitchen(Days::people(Days::home('05:00'), Days::home('05:00')), 1))->order;
        $followed = self::follow($order);
        $day = $followed->day;
        self::assertInstanceOf(DayPlan::class, $day);
        $plating = $day->serve->modify('-5 minutes');
        $thickens = $plating->modify('-2 minutes');

        foreach (self::sides(self::around($order, $followed, ['steamed-greens']), $followed) as $placed) {
            self::assertTrue(0 === $placed->job->rings || $placed->to <= $thickens || $placed->from >= $plating, $placed->job->id);
        }
    }

    public function testWhereHandsAreShortThereAreTimesNonetheless(): void
    {
        $order = Days::braise(new Kitchen(Days::people(Days::home('05:00')), 1))->order;
        $jobs = self::around($order, self::follow($order), ['mash', 'rice', 'pasta', 'root-puree', 'steamed-greens']);

        self::assertGreaterThan(10, \count($jobs));
        $day = self::follow($order)->day;
        self::assertInstanceOf(DayPlan::class, $day);
        foreach ($jobs as $placed) {
            self::assertLessThanOrEqual($day->serve, $placed->to);
        }
    }

    /** @param list<ForkTest> $evidence */
    private static function follow(BraiseOrder $order, array $evidence = []): FollowedCook
    {
        return (new FollowCook())->follow(
            $order, new RunningCook(Days::at('07:00'), ProgramChoice::Low, $evidence, [], null), Days::at('17:05'),
        );
    }

    /**
     * @param list<string>                      $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<string>                      $done
     *
     * @return array<string, Placed> by job
     */
    private static function around(BraiseOrder $order, FollowedCook $followed, array $sides, array $pins = [], array $done = []): array
    {
        $placed = DinnerOnTime::around(
            $order, $followed, array_values(array_filter(array_map(static fn (string $id): ?Side => Sides::load()->find($id), $sides))),
            $pins, $done,
        );

        return array_combine(array_map(static fn (Placed $p): string => $p->job->id, $placed), $placed);
    }

    /**
     * @param array<string, Placed> $placed
     *
     * @return array<string, Placed> without the braise's own
     */
    private static function sides(array $placed, FollowedCook $followed): array
    {
        return array_diff_key($placed, array_fill_keys(self::own($followed), true));
    }

    /** @return list<string> ids of the braise's own jobs from the sauce to the table */
    private static function own(FollowedCook $followed): array
    {
        return array_map(static fn (Chore $c): string => $c->id, $followed->work->in(Stage::Finish, Stage::Table));
    }
}
