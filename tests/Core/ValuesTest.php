<?php

declare(strict_types=1);

namespace Pausis\Tests\Core;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\ForkTests;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Day\People;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Following\Internal\CookFlags;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\LiquidChange;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Number;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Values that nothing else would notice, each by what it does; bin/mutants found them. */
final class ValuesTest extends TestCase
{
    public function testALidThatIsLiftedLetsOutItsSteamAtOnce(): void
    {
        $hour = 6.0;
        $seconds = 3600 * $hour;
        $seen = static fn (Setup $setup): float => (new Simulation())->run(
            $setup, new Deviation(), 8, watched: [$seconds + 2],
        )->seen[0]->potCelsius;
        $still = Cooks::chuck();
        $lifted = Cooks::chuck(events: [Cooks::lift($hour, 1 / 60)]);
        $capacity = $still->cooker->insertMass()->kilograms * Simulation::INSERT_HEAT;
        foreach ($still->contents as $content) {
            $capacity += $content->heatCapacity();
        }
        $before = $seen($still);
        // 25 kJ of a 5.7 L insert at 90 °C in a room of 20 °C, by area and by what it is warmer (docs/model.md §2).
        $puff = 25_000 * $still->cooker->insideArea() / 0.0463 * ($before - 21) / 70;

        self::assertEqualsWithDelta($puff / $capacity, $before - $seen($lifted), 0.1 * $puff / $capacity);
    }

    public function testNoPowerComesInWhileItIsCut(): void
    {
        $in = static fn (Setup $setup): float => (new Simulation())->run($setup, new Deviation(), 5, traced: true)->energy->in;
        $whole = $in(Cooks::chuck());
        $cut = $in(Cooks::chuck(events: [new PowerCut(Duration::hours(2), Duration::hours(1))]));

        self::assertEqualsWithDelta(0.8 * $whole, $cut, 0.002 * $whole);
    }

    public function testAPressureCookersQuarterOfAnHourOfReleaseCountsAndIsntTimed(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3, 6, startCelsius: 20);
        $way = new OtherWay(new OriginalMethod(Method::Pressure, 1), new Room(Temperature::celsius(20), 150), Mass::kilograms(3));
        // From under pressure already the dose goes on as fast as it went: what is missing from the time is the release.
        $one = $way->hoursFor($joint, 20.0, 120.0);
        $two = $way->hoursFor($joint, 40.0, 120.0);

        self::assertEqualsWithDelta(0.25, $two - 2 * $one, 0.01);
    }

    public function testLateLiquidIsInThePotThatTheSaltIsIn(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $lines = ['2 onions', '600 ml chicken stock', '1 tsp salt', '200 ml double cream'];
        $ingredients = array_map(static fn (string $line): Ingredient => $reader->read($line), $lines);
        $plan = Days::braise(lines: $lines)->chosen->sauce;
        $late = array_sum(array_map(
            static fn (LiquidChange $c): float => LiquidFate::Late === $c->fate ? $c->poured : 0.0, $plan->changes,
        ));
        self::assertGreaterThan(150.0, $late);
        $without = new SaucePlan(
            $plan->original, $plan->atEnd, $plan->target, $plan->targetIsFloor, $plan->load, $plan->recipe, $plan->reduce, [],
        );
        $meats = new Meats(Cooks::joint('beef-chuck', 1.3));

        self::assertEqualsWithDelta(
            $late, SaltBalance::of($ingredients, $meats, $plan, 100)->potGrams
                - SaltBalance::of($ingredients, $meats, $without, 100)->potGrams, 0.1,
        );
    }

    public function testASauceIsBoiledDownNoFurtherThanFourteenGramsALitre(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $lines = ['2 onions', '1.6 l chicken stock', '60 ml soy sauce'];
        $plan = Days::braise(lines: $lines)->chosen->sauce;
        $salt = SaltBalance::of(
            array_map(static fn (string $line): Ingredient => $reader->read($line), $lines), new Meats(Cooks::joint('beef-chuck', 1.3)),
            $plan->reducedLess(0.95 * $plan->atEnd->total), 100,
        );
        $limited = $salt->limiting($plan->reducedLess(0.95 * $plan->atEnd->total));
        $share = ($salt->sum->total - $salt->holdBackGrams) / $salt->potGrams;

        self::assertGreaterThan(0.0, $limited->tooSalty);
        self::assertEqualsWithDelta(0.014, $share * $plan->atEnd->total / $limited->left(), 1e-6);
    }

    public function testWhatIsLadledOffTakesItsSaltAndWhatIsAddedDilutesIt(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $lines = ['2 onions', '800 ml chicken stock', '1 tsp salt'];
        $ingredients = array_map(static fn (string $line): Ingredient => $reader->read($line), $lines);
        $plan = Days::braise(lines: $lines)->chosen->sauce;
        $salt = static fn (float $more): SaltBalance => SaltBalance::of(
            $ingredients, new Meats(Cooks::joint('beef-chuck', 1.3)), 0.0 === $more ? $plan : $plan->toppedUp($more, false), 100,
        );
        [$as, $less, $more] = [$salt(0.0), $salt(-300.0), $salt(300.0)];

        self::assertEqualsWithDelta($as->percentBefore, $less->percentBefore, 1e-9, 'no saltier for it');
        self::assertLessThan($as->sum->total, $less->sum->total);
        self::assertEqualsWithDelta($as->sum->total, $more->sum->total, 1e-9);
        self::assertEqualsWithDelta($as->percentBefore * $as->potGrams / ($as->potGrams + 300), $more->percentBefore, 1e-9);
    }

    #[TestWith([0.36, false])]
    #[TestWith([0.31, true])]
    public function testLeanMeatWantsAThirdOfItsHeightInLiquid(float $covered, bool $warns): void
    {
        $rules = array_map(
            static fn (Finding $f): string => $f->rule, Rules::contents(new Meats(Cooks::joint('venison-shoulder', 1.2)), $covered, [], []),
        );

        self::assertSame($warns, \in_array('lean-in-own-juices', $rules, true));
    }

    public function testTheForkIsAskedNoLaterThanThreeQuartersOfAnHourBeforeTheSauce(): void
    {
        $tests = new ForkTests(new People(), LookCost::always(0.01));
        $on = Days::at('08:00');
        $asked = static fn (string $sauce): ?float => $tests->of($on, new Window(6.0, 7.0, 7.4), Days::at($sauce))->soonest();

        // The first look is wanted at half past six hours, 14:30.
        self::assertNotNull($asked('15:30'));
        self::assertEqualsWithDelta(6.5, (float) $asked('15:30'), 0.1);
        self::assertNotNull((new ForkTests(new People(), LookCost::always(0.01)))->of($on, new Window(6.0, 7.0, 7.2), Days::at('15:18'))
            ->soonest(), 'forty-eight minutes before it');
        self::assertNull((new ForkTests(new People(), LookCost::always(0.01)))->of($on, new Window(6.0, 7.0, 7.2), Days::at('15:13'))
            ->soonest(), 'forty-three');
    }

    public function testPiecesCoverSevenTenthsOfAPan(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.5, 12);
        $pan = static fn (float $pieces): Length => Length::metres(sqrt($pieces * $joint->piece->footprint() / (0.7 * \M_PI / 4)));

        self::assertSame(2, HandsOn::batches(new Meats($joint), $pan(6.05)));
        self::assertSame(3, HandsOn::batches(new Meats($joint), $pan(5.95)));
    }

    #[TestWith([Unit::Jar, 300.0])]
    #[TestWith([Unit::Mug, 300.0])]
    #[TestWith([Unit::Ladle, 120.0])]
    #[TestWith([Unit::Glass, 150.0])]
    #[TestWith([Unit::Carton, 500.0])]
    #[TestWith([Unit::Dessertspoon, 10.0])]
    public function testWhatAMeasureOfTheKitchenHolds(Unit $unit, float $millilitres): void
    {
        self::assertSame($millilitres, $unit->millilitres(UnitSystem::Metric));
    }

    public function testAFractionInOneSignIsWhatItSays(): void
    {
        foreach ([
            '½' => [1, 2], '⅓' => [1, 3], '⅔' => [2, 3], '¼' => [1, 4], '¾' => [3, 4], '⅕' => [1, 5], '⅖' => [2, 5], '⅗' => [3, 5],
            '⅘' => [4, 5], '⅙' => [1, 6], '⅚' => [5, 6], '⅛' => [1, 8], '⅜' => [3, 8], '⅝' => [5, 8], '⅞' => [7, 8],
        ] as $sign => [$over, $under]) {
            self::assertEqualsWithDelta($over / $under, Number::value($sign), 1e-9, $sign);
            self::assertEqualsWithDelta(2 + $over / $under, Number::value("2$sign"), 1e-9, $sign);
        }
    }

    public function testNumbersInWordsAreWhatTheySay(): void
    {
        foreach (['eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17,
            'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20] as $word => $number) {
            self::assertEqualsWithDelta($number, Number::value($word), 1e-9, $word);
        }
    }

    #[TestWith([Unit::Handful, 30.0])]
    #[TestWith([Unit::Bunch, 30.0])]
    public function testWhatAHandHolds(Unit $unit, float $grams): void
    {
        self::assertSame($grams, $unit->grams());
    }

    #[TestWith([2.2, 210.0, 10, CookFlags::TURN_HIGH])]
    #[TestWith([3.0, 140.0, 100, CookFlags::FINISH_ELSEWHERE])]
    #[TestWith([3.0, 140.0, 250, CookFlags::THROW_AWAY])]
    public function testAPotThatIsTooSlowIsTurnedUpWhileThatHelpsAndThrownAwayAfterFourHours(
        float $kilograms, float $watts, int $minutes, string $remedy,
    ): void {
        $order = Days::braise(kilograms: $kilograms)->order->cookedBy(new Cooker(Volume::litres(5.7), Shape::Oval, Power::watts($watts)));
        $on = Days::at('08:00');
        $flags = (new FollowCook())->follow(
            $order->handled($order->handling->startedAt($on, true)), new RunningCook($on, ProgramChoice::Low, []),
            $on->modify("+$minutes minutes"),
        )->flags;
        $slow = array_values(array_filter($flags, static fn (Finding $f): bool => 'slow-to-60' === $f->rule));

        self::assertCount(1, $slow);
        self::assertSame($remedy, $slow[0]->remedy);
    }
}
