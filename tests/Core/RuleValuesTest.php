<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Evaluate\Uses;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Day\Internal\Sharing;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Placed;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Following\AfterOn;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Following\Ticks;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Sample;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Safety\Rules;
use Pausis\Tests\Core\Adaptation\Dishes;
use Pausis\Tests\Core\Adaptation\Recipes;
use PHPUnit\Framework\TestCase;

/** Values of the day's rules that nothing else would notice; bin/mutants found them. */
final class RuleValuesTest extends TestCase
{
    public function testWorkIsSharedByItsMinutes(): void
    {
        // More than all ways of sharing can be tried for: the first that is tried must be good.
        $jobs = array_map(static fn (int $k): Job => new Job("j$k", 'x', [], 10, true), range(0, 39));
        $starts = array_combine(array_column($jobs, 'id'), array_map(static fn (int $k): int => 10 * $k, range(0, 39)));
        $who = (new Sharing($jobs, $starts, static fn (): float => 0.0, 2, 0.0))->best(array_fill_keys(array_keys($starts), 0));

        self::assertSame([20, 20], array_values(array_count_values($who)));
    }

    /** The window with a look of five minutes and without, at the same hour (docs/model.md §4). */
    public function testWhatALookCostsIsInMinutes(): void
    {
        $braise = Days::braise();
        $on = Days::at('08:00');
        $order = $braise->order->handled($braise->order->handling->startedAt($on, true));
        $followed = (new FollowCook())->follow($order, new RunningCook(
            $on, ProgramChoice::Low, [new ForkTest(Duration::hours(5), ForkAnswer::Resists)],
        ), $on->modify('+301 minutes'));

        self::assertEqualsWithDelta(25.7, $followed->lidCostMinutes, 2.0);
    }

    public function testAHazardOfASentenceIsToldOnce(): void
    {
        $braise = (new AdaptBraise())->adapt(Dishes::order(Recipes::dish(
            "Beef stew\nServes 4\n\n1.2 kg beef shin\n2 onions\n500 ml beef stock\n\nTie the beef with string and leave it on the counter"
            ." overnight.\nPut everything in the slow cooker. Cook on low for 8 hours. Serve.",
        )));
        $never = array_filter(
            $braise->chosen->process->entries, static fn (LedgerEntry $e): bool => str_starts_with($e->code, 'step-never-'),
        );

        self::assertCount(1, $never);
    }

    public function testOnlyBeansLengthenTheWayToThePot(): void
    {
        $load = new Chore('load', 'load', Stage::Before, [], [], 5, new Term('load', 5.0), Uses::Hands);
        $beans = new Chore('beans-on', 'beans-on', Stage::Before, [], [], 5, new Term('beans-on', 5.0), Uses::HandsAndRing);

        self::assertSame(5.0, (new Work([$load]))->lead());
        self::assertSame(
            HandsOn::BEANS_ON + Rules::BEAN_MINUTES + HandsOn::LOADING, (new Work([$beans, $load]))->lead(),
        );
    }

    public function testWhatIsTiedComesOutWithItsBundleAndElseByItself(): void
    {
        $out = static fn (string $tied, string $in): array => array_map(
            static fn (TakeOut $t): string => $t->name, Dishes::order(Recipes::dish(
                "Beef stew\nServes 4\n\n1.2 kg beef shin\n2 onions\n500 ml beef stock\n4 sprigs rosemary, $tied\n2 bay leaves\n\n"
                ."Put everything in the slow cooker$in. Cook on low for 8 hours. Serve.",
            ))->toTakeOut(),
        );

        self::assertContains('rosemary', $out('tied', ''));
        self::assertCount(2, $out('tied in a bundle', ' with the bundle'), 'the bundle and the bay');
    }

    public function testFrozenMeatLiesInTheFridgeForItsHours(): void
    {
        $order = Days::braise()->order;
        $thawing = $order->after((new Beforehand(true))->thawing());
        $work = (new Evaluation())->outcome($thawing, ProgramChoice::Low)->work;
        $hours = array_values(array_filter($work->chores, static fn (Chore $c): bool => 'thaw' === $c->code))[0]->variables['hours'];
        $least = (int) ceil(60 * (float) $hours + $work->lead());
        $on = Days::at('14:00', '2026-11-25')->modify("+$least minutes");

        self::assertEquals(
            Days::at('14:00', '2026-11-25'), (new BraiseJobs($thawing->from(Days::at('08:00', '2026-11-24')), $work))->thawsBy($on),
        );
    }

    public function testATenderPotIsTestedNoMore(): void
    {
        $braise = Days::braise(choice: ProgramChoice::High);
        $on = Days::at('08:00');
        $order = $braise->order->handled($braise->order->handling->startedAt($on, true));
        $hours = (float) $braise->chosen->windows['fork']->likely;
        $forks = static function (bool $ready) use ($order, $on, $hours): int {
            $tests = $ready ? [new ForkTest(Duration::hours($hours), ForkAnswer::SlidesIn)] : [];
            $underway = (new AfterOn(new FollowCook(), new Evaluation()))->follow(
                $order, new RunningCook($on, ProgramChoice::High, $tests), [], [], [], new Ticks(),
                $on->modify(\sprintf('+%d minutes', 60 * $hours + 1)),
            );

            return \count(array_filter($underway->left(), static fn (Placed $p): bool => BraiseJobs::FORK_TEST === $p->job->id));
        };

        self::assertSame([1, 0], [$forks(false), $forks(true)]);
    }

    public function testAHundredGramsOfVegetablesAreWorthBlending(): void
    {
        $blends = static fn (string $carrots): bool => [] !== array_filter(
            self::blending(Days::braise(lines: ["$carrots carrots", '700 ml beef stock', '1 tsp salt'])->order)->chosen->process->entries,
            static fn (LedgerEntry $e): bool => 'blend-instead' === $e->code,
        );

        self::assertSame([false, true], [$blends('90 g'), $blends('110 g')]);
    }

    public function testGarlicIsFriedForTwoMinutesAtMost(): void
    {
        $told = static fn (string $minutes): bool => [] !== array_filter(
            (new AdaptBraise())->adapt(Dishes::order(Recipes::dish(
                "Beef stew\nServes 4\n\n1.2 kg beef shin\n2 onions\n4 cloves garlic\n500 ml beef stock\n2 tbsp oil\n\n"
                ."Fry the onions and the garlic in the oil for $minutes minutes.\n"
                .'Put everything in the slow cooker. Cook on low for 8 hours.',
            )))->chosen->process->entries,
            static fn (LedgerEntry $e): bool => 'step-garlic-last' === $e->code,
        );

        self::assertSame([false, true], [$told('2'), $told('2¼')]);
    }

    public function testWhatIsMissingIsTheNeedWithoutWhatIsDone(): void
    {
        $outcome = new Outcome([new Deviation(), new Deviation()], [], [0.5, 0.5], [new Sample(90, 88, 3.0), new Sample(90, 88, 3.0)]);

        self::assertEqualsWithDelta(2.0, (float) $outcome->missingDose(5.0)->likely, 0.001);
        self::assertSame(0.0, (float) $outcome->missingDose(2.0)->likely, 'never less than nothing');
    }

    public function testACutSaysMoreThanAWordForAnyMeat(): void
    {
        self::assertSame(Cuts::load()->named('beef shin')?->id, Cuts::load()->named('stewing beef, shin')?->id);
    }

    public function testAQuarterOfAnHourIsTheLeastOnHighFirst(): void
    {
        $takes = static fn (float $hours): bool => (new Problems())->within(Range::highHours(), $hours, 'handling.high');

        self::assertSame([true, false, true, false], [$takes(0.25), $takes(0.24), $takes(12), $takes(12.1)]);
    }

    private static function blending(BraiseOrder $order): AdaptedBraise
    {
        return (new AdaptBraise())->adapt(new BraiseOrder(
            $order->recipe, $order->meat, $order->cooker, $order->room, $order->now, $order->serveAt, $order->kitchen,
            new Wishes(thickness: Thickness::Gravy, by: ThickenedBy::Blending), $order->choices, $order->handling,
        ));
    }
}
