<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Heat\Room;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Severity;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class AdaptBraiseTest extends TestCase
{
    public function testAWorkingDay(): void
    {
        $braise = self::adapt(Cooks::joint('beef-chuck', 1.3));

        self::assertSame([ProgramChoice::Low, ProgramChoice::High], array_map(static fn ($o) => $o->choice, $braise->outcomes));
        self::assertTrue($braise->works($braise->chosen));
        self::assertContains('liquid-cut', array_map(static fn (LedgerEntry $e): string => $e->code, $braise->chosen->process->entries));
        self::assertContains('thicken', array_map(static fn (LedgerEntry $e): string => $e->code, $braise->chosen->process->entries));
    }

    public function testTheSameOrderGivesTheSameAnswer(): void
    {
        self::assertEquals(self::adapt(Cooks::joint('beef-chuck', 1.3)), self::adapt(Cooks::joint('beef-chuck', 1.3)));
    }

    public function testAHeavyJointIsRefusedOnLowAndTheRemedyIsChecked(): void
    {
        $joint = Cooks::joint('beef-chuck', 3.0);
        $braise = self::adapt($joint, choice: ProgramChoice::Low);
        $finding = self::finding($braise, 'slow-to-60');

        self::assertSame(Severity::Refuse, $finding->severity);
        self::assertGreaterThan(4.0, $finding->variables['hours']);
        self::assertNotNull($finding->remedy);
        self::assertStringStartsWith('setting-', $finding->remedy);
        $helped = self::adapt($joint, choice: ProgramChoice::from(substr($finding->remedy, 8)));
        self::assertNull($helped->chosen->unsafe);
    }

    public function testWhereNoSettingIsSafeCuttingUpIsChecked(): void
    {
        $weak = new Cooker(Volume::litres(8), Shape::Oval, Power::watts(300), 0.9);
        $joint = Cooks::joint('beef-chuck', 4.2);
        $finding = self::finding(self::adapt($joint, cooker: $weak), 'slow-to-60');

        self::assertContains($finding->remedy, ['cut-in-2', 'cut-in-4']);
        $parts = (int) substr((string) $finding->remedy, 7);
        self::assertNull(self::adapt($joint->cutInto($parts), cooker: $weak, choice: ProgramChoice::High)->chosen->unsafe);
    }

    public function testWhatDoesNotFitOrOverfillsIsRefused(): void
    {
        $small = new Cooker(Volume::litres(1.5), Shape::Round);

        self::assertSame(
            Severity::Refuse, self::finding(self::adapt(Cooks::joint('pork-shoulder', 3.0), cooker: $small), 'does-not-fit')->severity,
        );
        $full = self::order(
            Cooks::joint('beef-chuck', 2.4), ['2 kg carrots', '700 ml beef stock'], new Cooker(Volume::litres(5)),
            level: LevelSchool::Covered,
        );
        $finding = self::finding((new AdaptBraise())->adapt($full), 'too-full');
        if (null !== $finding->remedy && str_starts_with($finding->remedy, 'cut-in-')) {
            $cut = (new AdaptBraise())->adapt($full->withJoint($full->meat->joint->cutInto((int) substr($finding->remedy, 7))));
            self::assertNotContains('too-full', array_map(static fn (Finding $f): string => $f->rule, $cut->findings));
        }
        self::assertSame(
            Severity::Refuse,
            self::finding(
                self::adapt(Cooks::joint('chicken-thigh', 3.4, 20), cooker: new Cooker(Volume::litres(3.3), Shape::Round)), 'too-full',
            )->severity,
        );
    }

    public function testTheRecipesOwnTimeMovesTheNeedOnlyWhereItIsBelievable(): void
    {
        $pieces = self::order(Cooks::joint('beef-chuck', 1.3, 6));
        $informed = $pieces->informedByRecipe();
        self::assertTrue($informed->recipe->need?->believed);
        self::assertLessThan($pieces->meat->joint->needSigma, $informed->meat->joint->needSigma);
        self::assertEqualsWithDelta(3.6, $informed->meat->joint->needHours, 0.4);
        self::assertContains(
            'need-from-recipe',
            array_map(static fn (LedgerEntry $e): string => $e->code, (new AdaptBraise())->adapt($informed)->chosen->process->entries),
        );

        $whole = self::order(Cooks::joint('beef-chuck', 2.6))->informedByRecipe();
        self::assertFalse($whole->recipe->need?->believed);
        self::assertSame(3.6, $whole->meat->joint->needHours);
        self::assertContains(
            'recipe-not-believed',
            array_map(static fn (LedgerEntry $e): string => $e->code, (new AdaptBraise())->adapt($whole)->chosen->process->entries),
        );
    }

    public function testACookerWithAMediumOffersIt(): void
    {
        $braise = self::adapt(Cooks::joint('beef-chuck', 1.3), cooker: new Cooker(Volume::litres(5.7), hasMedium: true));
        $fork = array_map(static fn ($o): ?float => $o->windows['fork']->likely, $braise->outcomes);

        self::assertSame(
            [ProgramChoice::Low, ProgramChoice::Medium, ProgramChoice::High], array_map(static fn ($o) => $o->choice, $braise->outcomes),
        );
        self::assertGreaterThan($fork[1], $fork[0]);
        self::assertGreaterThan($fork[2], $fork[1]);
    }

    public function testTheLevelIsTheSumOfWhatIsBelowIt(): void
    {
        foreach (LevelSchool::cases() as $level) {
            $chosen = self::adapt(Cooks::joint('beef-chuck', 1.3), level: $level)->chosen;
            $cooker = new Cooker(Volume::litres(5.7));
            self::assertEqualsWithDelta(
                $cooker->insideArea() * $chosen->filling->levels[0] * $cooker->depth()->metres * 1e6,
                $chosen->filling->geometry->belowLevel($chosen->sauce->load)->total, 0.1,
            );
        }
    }

    public function testVegetablesAreCutOrAddedBySoftness(): void
    {
        $codes = array_map(
            static fn (LedgerEntry $e): string => $e->code,
            self::adapt(
                Cooks::joint('beef-chuck', 1.3), [...self::LINES, '400 g squash', '300 g frozen peas', '200 g green peppers'],
            )->chosen->process->entries,
        );

        self::assertContains('add-late', $codes);
        self::assertTrue(\in_array('cut-bigger', $codes, true) || \in_array('add-at', $codes, true));
        self::assertContains('skim-fat', $codes);
        $melting = array_map(
            static fn (LedgerEntry $e): string => $e->code,
            self::adapt(Cooks::joint('beef-chuck', 1.3), ['3 onions', '2 leeks', '700 ml beef stock'])->chosen->process->entries,
        );
        self::assertSame([], array_intersect(['cut-bigger', 'add-at', 'add-late'], $melting));
    }

    public function testRulesOfWhatIsInThePot(): void
    {
        $braise = self::adapt(Cooks::joint('chicken-thigh', 1.2, 8), [...self::LINES, '250 g dried kidney beans', '2 bay leaves']);

        self::assertSame('boil-beans-first', self::finding($braise, 'boil-beans')->remedy);
        self::assertEqualsWithDelta(74.0, self::finding($braise, 'poultry-thermometer')->variables['celsius'], 0.01);
        self::assertSame('bay leaves', self::finding($braise, 'take-out')->variables['list']);
        self::assertSame(
            'lean-in-own-juices',
            self::finding(
                self::adapt(Cooks::joint('venison-shoulder', 1.2), ['100 ml beef stock', '1 tsp salt']), 'lean-in-own-juices',
            )->rule,
        );
    }

    public function testThirstierLevelsAreFullerAndReduceLonger(): void
    {
        $fill = $reduce = -1.0;
        foreach (LevelSchool::cases() as $level) {
            $chosen = self::adapt(Cooks::joint('beef-chuck', 1.3), level: $level)->chosen;
            self::assertGreaterThanOrEqual($fill, $chosen->filling->fill);
            self::assertGreaterThanOrEqual($reduce, $chosen->sauce->reduce);
            [$fill, $reduce] = [$chosen->filling->fill, $chosen->sauce->reduce];
        }
        self::assertGreaterThan(0, $reduce);
    }

    public function testMetricAndPoundsGiveTheSamePot(): void
    {
        $metric = self::adapt(Cooks::joint('beef-chuck', 1.3), ['500 g onions', '1136 ml beef stock']);
        $pounds = self::adapt(Cooks::joint('beef-chuck', 1.3), ['1.1023 lb onions', '2 pints beef stock']);

        self::assertEqualsWithDelta($metric->chosen->sauce->load, $pounds->chosen->sauce->load, 5.0);
        self::assertEqualsWithDelta(
            (float) $metric->chosen->windows['fork']->likely, (float) $pounds->chosen->windows['fork']->likely, 0.02,
        );
    }

    public function testAForkTestMovesARunningCook(): void
    {
        $order = self::order(Cooks::joint('beef-chuck', 1.3));
        $on = new \DateTimeImmutable('2026-11-26 08:30 Europe/Vienna');
        $now = $on->modify('+8 hours');
        $follow = new FollowCook();
        $cook = static fn (ForkTest ...$tests): RunningCook => new RunningCook($on, ProgramChoice::Low, array_values($tests));
        $test = static fn (float $hour, ForkAnswer $answer): ForkTest => new ForkTest(Duration::hours($hour), $answer);

        $untested = $follow->follow($order, $cook(), $now);
        $tight = $follow->follow($order->servedAt($on->modify('+9 hours')), $cook($test(8, ForkAnswer::Resists)), $now);
        $done = $follow->follow($order, $cook($test(7, ForkAnswer::Gives), $test(8, ForkAnswer::SlidesIn)), $now);

        self::assertGreaterThan($untested->windows['fork']->likely, $tight->windows['fork']->likely);
        self::assertInstanceOf(DayPlan::class, $tight->day);
        self::assertGreaterThanOrEqual($order->serveAt, $tight->day->serve);
        self::assertCount(3, $tight->elsewhere);
        self::assertSame([], $done->elsewhere);
        foreach ($tight->elsewhere as $way) {
            self::assertGreaterThan(0.1, $way->likely->inHours());
            self::assertGreaterThan($way->likely->inHours(), $way->latest->inHours());
            self::assertLessThan((float) $tight->windows['fork']->latest - 8, $way->latest->inHours());
        }
        self::assertEquals($on->modify('+8 hours'), $done->readySince);
        self::assertGreaterThan(
            30.0, $follow->follow($order, $cook($test(3, ForkAnswer::Resists), $test(5, ForkAnswer::Resists)), $now)->lidCostMinutes,
        );
        self::assertInstanceOf(DayPlan::class, $done->day);
        self::assertEquals($order->serveAt, $done->day->serve);
    }

    private const LINES = ['2 onions', '3 carrots', '250 ml red wine', '700 ml beef stock', '1 tsp salt'];

    /** @param list<string> $lines */
    private static function adapt(
        Joint $joint, array $lines = self::LINES, ?Cooker $cooker = null, ?ProgramChoice $choice = null,
        LevelSchool $level = LevelSchool::OwnJuices,
    ): AdaptedBraise {
        return (new AdaptBraise())->adapt(self::order($joint, $lines, $cooker, $choice, $level));
    }

    /** @param list<string> $lines */
    private static function order(
        Joint $joint, array $lines = self::LINES, ?Cooker $cooker = null, ?ProgramChoice $choice = null,
        LevelSchool $level = LevelSchool::OwnJuices,
    ): BraiseOrder {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $zone = new \DateTimeZone('Europe/Vienna');

        return new BraiseOrder(
            new OrderedRecipe(
                array_map(static fn (string $line): Ingredient => $reader->read($line), $lines), 4,
                new OriginalMethod(Method::Oven, 3, 150), true,
            ),
            new OrderedMeat($joint, Mass::kilograms(0)),
            $cooker ?? new Cooker(Volume::litres(5.7)),
            new Room(Temperature::celsius(20), 640),
            new \DateTimeImmutable('2026-11-26 06:00', $zone),
            new \DateTimeImmutable('2026-11-26 20:00', $zone),
            new Kitchen(),
            wishes: new Wishes(level: $level, texture: Doneness::Fork, choice: $choice),
        );
    }

    private static function finding(AdaptedBraise $braise, string $rule): Finding
    {
        foreach ($braise->findings as $finding) {
            if ($rule === $finding->rule) {
                return $finding;
            }
        }
        self::fail("No finding $rule in ".implode(', ', array_map(static fn (Finding $f): string => $f->rule, $braise->findings)));
    }
}
