<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Explain\LevelCost;
use Pausis\Core\Adaptation\Explain\Levels;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Liquid\LayerOrder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

/** What the cook does before loading, how it is loaded, and when the lid is lifted. */
final class HandlingTest extends TestCase
{
    public function testLessEffortIsLessWorkAndAColderStart(): void
    {
        [$cold, $meat, $full] = array_map(static fn (Effort $e): AdaptedBraise => self::adapt(new Handling($e)), Effort::cases());

        self::assertLessThan($meat->chosen->work->before()->total, $cold->chosen->work->before()->total);
        self::assertLessThan($full->chosen->work->before()->total, $meat->chosen->work->before()->total);
        self::assertGreaterThan((float) self::on($full)->heating->pot60->likely, (float) self::on($cold)->heating->pot60->likely);
        self::assertGreaterThan((float) self::on($full)->windows['fork']->likely, (float) self::on($cold)->windows['fork']->likely);
    }

    public function testWithoutAPanTheWineGoesInRawAndThatIsSaid(): void
    {
        $cold = self::adapt(new Handling(Effort::Cold));
        $rules = array_map(static fn (Finding $f): string => "$f->rule $f->remedy", $cold->findings);

        self::assertContains('raw-wine effort-meat', $rules);
        foreach ($cold->chosen->sauce->changes as $change) {
            self::assertSame($change->poured, $change->loaded);
        }
        self::assertNotContains(
            'raw-wine effort-meat',
            array_map(static fn (Finding $f): string => "$f->rule $f->remedy", self::adapt(new Handling(Effort::Meat))->findings),
        );
    }

    public function testHotLiquidAndAWarmInsertBringThePotSoonerThroughTheColdHours(): void
    {
        $as = self::on(self::adapt(new Handling(Effort::Cold)));
        $hot = self::on(self::adapt(new Handling(Effort::Cold, hotLiquid: true)));
        $warm = self::on(self::adapt(new Handling(Effort::Cold, hotLiquid: true, warmInsert: true)));

        self::assertLessThan((float) $as->heating->pot60->likely, (float) $hot->heating->pot60->likely);
        self::assertLessThan((float) $hot->heating->pot60->likely, (float) $warm->heating->pot60->likely);
    }

    public function testEachPlannedLookCostsTime(): void
    {
        $none = self::on(self::adapt(new Handling()));
        $one = self::on(self::adapt(new Handling(lidLifts: [4.0])));
        $three = self::on(self::adapt(new Handling(lidLifts: [3.0, 4.0, 5.0])));

        self::assertGreaterThan((float) $none->windows['fork']->likely, (float) $one->windows['fork']->likely);
        self::assertGreaterThan($one->heating->lookMinutes, $three->heating->lookMinutes);
        self::assertEqualsWithDelta(
            $one->heating->lookMinutes, 60 * ((float) $one->windows['fork']->likely - (float) $none->windows['fork']->likely), 6.0,
        );
        self::assertEqualsWithDelta(
            $one->heating->lookMinutes, $none->heating->lookMinutes, 6.0, 'what one look would cost is what it costs',
        );
    }

    public function testWhatEveryLevelCostsIsWhatItCostsWhenChosen(): void
    {
        $levels = Levels::of(self::adapt(new Handling()));
        self::assertSame(LevelSchool::cases(), array_map(static fn (LevelCost $l): LevelSchool => $l->school, $levels));
        foreach ($levels as $cost) {
            $chosen = self::on(self::adapt(new Handling(), $cost->school));
            self::assertEqualsWithDelta($chosen->sauce->load, $cost->load, 20.0, $cost->school->value);
            self::assertEqualsWithDelta($chosen->sauce->reduce, $cost->reduce, 30.0, $cost->school->value);
            self::assertEqualsWithDelta($chosen->salt->percentAfter, $cost->saltPercent, 0.02, $cost->school->value);
        }
    }

    public function testLevelsThatComeOutTheSameAreOne(): void
    {
        $same = static fn (LevelSchool $taken): array => array_map(
            static fn (LevelCost $l): float => $l->load, Levels::apart(self::adapt(new Handling(), $taken)),
        );
        foreach (LevelSchool::cases() as $taken) {
            $loads = $same($taken);
            self::assertCount(\count($loads), array_unique(array_map(static fn (float $l): int => (int) round($l / 5), $loads)));
            self::assertContains($taken, array_map(
                static fn (LevelCost $l): LevelSchool => $l->school, Levels::apart(self::adapt(new Handling(), $taken)),
            ));
        }
    }

    public function testAStartThatTheCookSetsIsKeptOrRefusedInWords(): void
    {
        $at = static fn (string $time): Handling => new Handling(switchOn: new \DateTimeImmutable(
            "2026-11-26 $time", new \DateTimeZone('Europe/Vienna'),
        ));

        $kept = self::adapt($at('07:15'))->days['low'];
        self::assertInstanceOf(DayPlan::class, $kept);
        self::assertSame('07:15', $kept->switchOn->format('H:i'));

        $late = self::adapt($at('16:00'))->days['low'];
        self::assertInstanceOf(Clash::class, $late);
        self::assertSame(ClashReason::StartTooLate, $late->reason);
        self::assertGreaterThan(new \DateTimeImmutable('2026-11-26 20:00 Europe/Vienna'), $late->serveFrom());

        $gone = self::adapt($at('05:00'))->days['low'];
        self::assertInstanceOf(Clash::class, $gone);
        self::assertSame(ClashReason::TooSoon, $gone->reason);
    }

    public function testMeatAtTheBottomStandsDeeperInTheSameLiquid(): void
    {
        $under = self::on(self::adapt(new Handling()));
        $deep = self::on(self::adapt(new Handling(layers: LayerOrder::MeatUnder)));

        self::assertGreaterThan($under->filling->geometry->shareCovered(600), $deep->filling->geometry->shareCovered(600));
        self::assertEqualsWithDelta($under->filling->geometry->stackHeight(), $deep->filling->geometry->stackHeight(), 1e-9);
        foreach ([$under, $deep] as $outcome) {
            self::assertEqualsWithDelta(600.0, $outcome->filling->geometry->millilitresTo($outcome->filling->geometry->level(600)), 0.01);
        }
    }

    private static function on(AdaptedBraise $braise): Outcome
    {
        return $braise->outcomes[0];
    }

    private static function adapt(Handling $handling, LevelSchool $level = LevelSchool::OwnJuices): AdaptedBraise
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $zone = new \DateTimeZone('Europe/Vienna');

        return (new AdaptBraise())->adapt(new BraiseOrder(
            new OrderedRecipe(
                array_map(
                    static fn (string $line): Ingredient => $reader->read($line),
                    ['2 onions', '3 carrots', '250 ml red wine', '700 ml beef stock', '2 tsp salt'],
                ),
                4, null, true,
            ),
            new OrderedMeat(Cooks::joint('beef-chuck', 1.3), Mass::kilograms(0)),
            new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 640),
            new \DateTimeImmutable('2026-11-26 05:30', $zone),
            new \DateTimeImmutable('2026-11-26 20:00', $zone),
            new Kitchen(),
            wishes: new Wishes(level: $level, choice: ProgramChoice::Low),
            handling: $handling,
        ));
    }
}
