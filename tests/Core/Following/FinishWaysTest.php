<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Following;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Following\AfterOn;
use Pausis\Core\Following\FinishState;
use Pausis\Core\Following\FinishWay;
use Pausis\Core\Following\FinishWays;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Following\FollowedCook;
use Pausis\Core\Following\FollowedStore;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Following\Ticks;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Quantity\Duration;
use Pausis\Tests\Core\Adaptation\KeptInMemory;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

final class FinishWaysTest extends TestCase
{
    private const LEFT = 900.0;
    private static ?AdaptedBraise $braise = null;
    private static ?AfterOn $after = null;

    public function testSaltIsKeptWhateverIsDone(): void
    {
        $before = null;
        foreach ($this->ways(self::LEFT, Thickness::CoatsSpoon) as $way) {
            $grams = $way->saltPercent / 100 * $way->leaves;
            $before ??= $grams;
            self::assertEqualsWithDelta($before, $grams, 0.01 * $before, $way->closing->by->value ?? 'thin');
        }
    }

    public function testMassIsKept(): void
    {
        foreach ($this->ways(self::LEFT, Thickness::Gravy) as $way) {
            self::assertEqualsWithDelta(
                self::LEFT, $way->leaves + $way->boilsOff - ($way->slurry->coldMillilitres ?? 0.0), 1.0, $way->closing->by->value ?? 'thin',
            );
        }
    }

    /** 1.6 % of 900 g and of its own cold water: 14.4 / (1 − 2 · 0.016) g. */
    public function testStarchIsForWhatIsSeen(): void
    {
        $way = $this->way(ThickenedBy::Starch, self::LEFT, Thickness::CoatsSpoon);

        self::assertEqualsWithDelta(14.88, $way->slurry?->grams, 0.1);
        self::assertEqualsWithDelta(29.75, $way->slurry?->coldMillilitres, 0.2);
        self::assertSame(FinishState::Open, $way->state);
        self::assertEqualsWithDelta(2.0, $way->minutes, 0.01);
    }

    /** Flour is twice as much, and boils eight minutes. */
    public function testFlourAndButterIsTwiceAsMuch(): void
    {
        $way = $this->way(ThickenedBy::FlourAndButter, self::LEFT, Thickness::CoatsSpoon);

        self::assertEqualsWithDelta(2 * 14.4 / (1 - 4 * 0.016), $way->slurry?->grams, 0.3);
        self::assertEqualsWithDelta(8.0, $way->minutes, 0.01);
    }

    public function testWhatIsBoiledOffTakesItsTimeAndMovesDinner(): void
    {
        $thin = $this->way(null, self::LEFT, Thickness::CoatsSpoon);
        $down = $this->way(ThickenedBy::BoilingDown, self::LEFT, Thickness::CoatsSpoon);

        self::assertGreaterThan(100.0, $down->boilsOff);
        self::assertEqualsWithDelta($down->boilsOff / 26.0, $down->minutes, 0.1 * $down->minutes);
        self::assertSame(0.0, $thin->boilsOff);
        self::assertGreaterThanOrEqual($thin->serve, $down->serve);
        self::assertGreaterThan($thin->saltPercent, $down->saltPercent);
        self::assertLessThanOrEqual(1.4001, $down->saltPercent);
    }

    public function testWhatIsToldIsWhatComes(): void
    {
        [$cook, $now] = $this->cook();
        $order = self::braise()->order;
        foreach ($this->ways(self::LEFT, Thickness::Gravy) as $way) {
            $underway = self::after()->follow($order, $cook->closing($way->closing), [], [], [], new Ticks([]), $now);
            $day = $underway->whole->braise->day();
            self::assertInstanceOf(DayPlan::class, $day);
            self::assertEquals($way->serve, $day->serve);
            $minutes = array_sum(array_map(
                static fn ($c): float => $c->term->value ?? 0.0, FinishWays::ofTheSauce($underway->whole->braise->chosen),
            ));
            self::assertEqualsWithDelta($way->minutes, $minutes, 0.01);
        }
    }

    public function testAPotThatIsNotLookedIntoIsAsItWasPlanned(): void
    {
        [$cook, $now] = $this->cook();
        $order = self::braise()->order;
        $as = self::after()->follow($order, $cook, [], [], [], new Ticks([]), $now)->whole->braise;
        $seen = self::after()->follow($order, $cook->closing(new Closing(
            $as->chosen->sauce->atEnd->total, null, Thickness::Gravy, Thickener::CornStarch, true,
        )), [], [], [], new Ticks([]), $now)->whole->braise;

        self::assertEqualsWithDelta($as->chosen->sauce->reduce, $seen->chosen->sauce->reduce, 0.5);
        self::assertEqualsWithDelta($as->chosen->slurry->grams, $seen->chosen->slurry->grams, 0.1);
        self::assertEqualsWithDelta($as->chosen->salt->percentAfter, $seen->chosen->salt->percentAfter, 0.001);
        self::assertEquals($as->day(), $seen->day());
    }

    public function testBoiledDownTooSaltyIsRefusedWithWhatStays(): void
    {
        [$cook, $now] = $this->cook();
        $salty = self::on(Days::braise(lines: ['2 onions', '600 ml beef stock', '80 ml soy sauce'], choice: ProgramChoice::High));
        $ways = (new FinishWays(self::after()))->of(
            $salty->order, $cook, [], [], [], new Ticks([]), $now, self::LEFT, Thickness::Stew, Thickener::CornStarch,
        );
        $down = array_values(array_filter($ways, static fn (FinishWay $w): bool => ThickenedBy::BoilingDown === $w->closing->by))[0];

        self::assertSame(FinishState::TooSalty, $down->state);
        self::assertLessThanOrEqual(1.4001, $down->saltPercent);
        self::assertSame(FinishState::Open, $ways[0]->state);
    }

    public function testWhatIsThereAlreadyIsEnough(): void
    {
        [$cook, $now] = $this->cook();
        $floured = self::on(Days::braise(lines: [...Days::LINES, '60 g flour'], choice: ProgramChoice::High));
        $ways = (new FinishWays(self::after()))->of(
            $floured->order, $cook, [], [], [], new Ticks([]), $now, self::LEFT, Thickness::CoatsSpoon, Thickener::CornStarch,
        );

        self::assertSame([FinishState::Enough], array_values(array_map(
            static fn (FinishWay $w): FinishState => $w->state,
            array_filter($ways, static fn (FinishWay $w): bool => ThickenedBy::Starch === $w->closing->by),
        )));
    }

    public function testWhatDoesNotFitTheEveningSaysSo(): void
    {
        self::assertSame(FinishState::NoTime, $this->way(ThickenedBy::BoilingDown, 2500.0, Thickness::CoatsSpoon)->state);
    }

    public function testNoKitchenWithoutARingBoilsDown(): void
    {
        [$cook, $now] = $this->cook();
        $order = self::braise()->order;
        $ways = (new FinishWays(self::after()))->of(
            $order->cookedIn($order->kitchen->andMore(-$order->kitchen->rings, 0)), $cook, [], [], [], new Ticks([]), $now,
            self::LEFT, Thickness::Gravy, Thickener::CornStarch,
        );

        self::assertSame([FinishState::NoPan], array_values(array_map(
            static fn (FinishWay $w): FinishState => $w->state,
            array_filter($ways, static fn (FinishWay $w): bool => ThickenedBy::BoilingDown === $w->closing->by),
        )));
    }

    private function way(?ThickenedBy $by, float $left, Thickness $wanted): FinishWay
    {
        $ways = $this->ways($left, $wanted);
        foreach ($ways as $way) {
            if ($way->closing->by === $by && !$way->closing->asPlanned) {
                return $way;
            }
        }

        // This house's own way is starch: it is told once.
        return $ways[0];
    }

    /** @return list<FinishWay> */
    private function ways(float $left, Thickness $wanted): array
    {
        [$cook, $now] = $this->cook();

        return (new FinishWays(self::after()))->of(
            self::braise()->order, $cook, [], [], [], new Ticks([]), $now, $left, $wanted, Thickener::CornStarch,
        );
    }

    /** @return array{RunningCook, \DateTimeImmutable} ready, and the sauce begun */
    private function cook(): array
    {
        $hours = (float) self::braise()->chosen->windows['fork']->latest;
        $on = Days::at('08:00');
        $now = $on->modify(\sprintf('+%d minutes', 60 * $hours));

        return [new RunningCook(
            $on, ProgramChoice::High, [new ForkTest(Duration::hours($hours), ForkAnswer::Gives)], sauceBegun: $now,
        ), $now];
    }

    private static function braise(): AdaptedBraise
    {
        return self::$braise ??= self::on(Days::braise(choice: ProgramChoice::High));
    }

    private static function on(AdaptedBraise $braise): AdaptedBraise
    {
        $order = $braise->order->handled($braise->order->handling->startedAt(Days::at('08:00'), true));

        return new AdaptedBraise($order, $braise->outcomes, $braise->chosen, $braise->days, $braise->findings, $braise->remedies);
    }

    private static function after(): AfterOn
    {
        return self::$after ??= new AfterOn(new FollowCook(), new Evaluation(new KeptInMemory()), new class implements FollowedStore {
            /** @var array<string, FollowedCook> */
            private array $followed = [];

            public function followed(string $key, callable $work): FollowedCook
            {
                return $this->followed[$key] ??= $work();
            }
        });
    }
}
