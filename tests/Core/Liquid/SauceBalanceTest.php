<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Liquid;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Liquid\Evaporation;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Liquid\OwnBoiling;
use Pausis\Core\Liquid\PotEnd;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SauceBalanceTest extends TestCase
{
    private const LINES = [
        '2 onions', '3 carrots', '250 ml white wine', '300 ml water', '700 ml chicken stock', '1 tsp salt', '100 g lentils',
    ];

    #[TestWith([50.0, 0.0, 0.0])]
    #[TestWith([62.5, 0.0, 0.13])]
    #[TestWith([75.0, 0.0, 0.26])]
    #[TestWith([90.0, 0.0, 0.40])]
    #[TestWith([95.0, 2.0, 0.42])]
    #[TestWith([95.0, 9.0, 0.45])]
    public function testMeatGivesOffItsJuice(float $celsius, float $hours, float $share): void
    {
        self::assertEqualsWithDelta($share, MeatJuice::share($celsius, $hours), 1e-9);
    }

    public function testEvaporationOfTheRecipesOwnWay(): void
    {
        self::assertEqualsWithDelta(330, Evaporation::of(new OriginalMethod(Method::Oven, 3)), 1e-9);
        self::assertEqualsWithDelta(40, Evaporation::of(new OriginalMethod(Method::Pressure, 1)), 1e-9);
    }

    public function testEndingLikeTheRecipeTakesLessLiquid(): void
    {
        $plan = $this->plan(LevelSchool::OwnJuices);

        self::assertLessThan($plan->recipe, $plan->load);
        self::assertEqualsWithDelta($plan->target, $plan->atEnd->total, 5.0);
        self::assertSame(0.0, $plan->reduce);
    }

    #[TestWith([60.0, 0.9])]
    #[TestWith([110.0, 1.0])]
    #[TestWith([260.0, 1.4])]
    public function testARecipeForASlowCookerGetsItsOwnLiquidBack(float $evaporated, float $meatScale): void
    {
        $plan = (new SauceBalance(self::ingredients(['2 onions', '100 ml red wine', '400 ml beef stock']), 4, new OwnBoiling(false)))
            ->solve(
                new Meats(Cooks::joint('lamb-shoulder', 1.4)), 1.0, new OriginalMethod(Method::SlowCooker, 8), 100, $this->geometry(),
                LevelSchool::OwnJuices, new PotEnd(95, 3, $evaporated),
            );
        $other = (new SauceBalance(self::ingredients(['2 onions', '100 ml red wine', '400 ml beef stock']), 4, new OwnBoiling(false)))
            ->solve(
                new Meats(Cooks::joint('lamb-shoulder', 1.4)), $meatScale, new OriginalMethod(Method::SlowCooker, 8), 100,
                $this->geometry(),
                LevelSchool::OwnJuices, new PotEnd(95, 3, $evaporated),
            );

        self::assertEqualsWithDelta(500, $plan->load, 25);
        self::assertSame(
            $meatScale <=> 1.0, round($other->load) <=> round($plan->load), 'more meat in the recipe than here gave it more juice',
        );
        self::assertEqualsWithDelta($plan->target, $plan->atEnd->total, 5.0);
    }

    public function testTheThinnestLiquidIsCutFirstAndWineNever(): void
    {
        $changes = [];
        foreach ($this->plan(LevelSchool::OwnJuices)->changes as $change) {
            $changes[$change->ingredient->food->id ?? 'added'] = $change;
        }

        self::assertSame(LiquidFate::BoiledDown, $changes['white-wine']->fate);
        self::assertSame([250.0, 125.0], [$changes['white-wine']->poured, $changes['white-wine']->loaded]);
        self::assertSame(LiquidFate::Cut, $changes['water']->fate);
        self::assertSame([LiquidFate::Kept, 700.0], [$changes['stock']->fate, $changes['stock']->poured]);
    }

    #[DataProvider('schools')]
    public function testALevelNeverLoadsLessAndTheExcessIsReduced(LevelSchool $school): void
    {
        $plan = $this->plan($school);

        self::assertGreaterThanOrEqual($this->geometry()->least($school) - 5, $plan->load);
        $excess = $plan->atEnd->total - $plan->target;
        self::assertEqualsWithDelta($excess >= 20 ? $excess : 0, $plan->reduce, 1e-9);
        self::assertSame($plan->load, array_sum(array_map(static fn ($c): float => $c->loaded, $plan->changes)));
    }

    #[DataProvider('schools')]
    public function testMassIsConserved(LevelSchool $school): void
    {
        $plan = $this->plan($school);
        foreach ([$plan->original, $plan->atEnd] as $sum) {
            self::assertEqualsWithDelta($sum->total, array_sum(array_map(static fn (Term $t): float => $t->value, $sum->terms)), 1e-9);
        }
        // What leaves the meat and the vegetables stays in the pot; only steam leaves it.
        $joint = new Meats(Cooks::joint('lamb-shoulder', 1.4));
        $given = self::total($plan->atEnd, ['meat-juice', 'food-water', 'absorbed']);
        $solidsAfter = $joint->boneless()->inGrams() + 300 + 240 + 100 - $given;
        $potAfter = $solidsAfter + $plan->atEnd->total;
        $potBefore = $joint->boneless()->inGrams() + 300 + 240 + 100 + $plan->load;

        self::assertEqualsWithDelta($potBefore - 110, $potAfter, 1e-6);
    }

    /** @return iterable<string, array{LevelSchool}> */
    public static function schools(): iterable
    {
        foreach (LevelSchool::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    public function testAFloorASaucePersonIsKept(): void
    {
        $ingredients = self::ingredients(['100 ml chicken stock', '200 g barley']);
        $plan = (new SauceBalance($ingredients, 6, new OwnBoiling(false)))->solve(
            new Meats(Cooks::joint('lamb-shoulder', 0.6)), 1, new OriginalMethod(Method::Hob, 3), 100, $this->geometry(),
            LevelSchool::OwnJuices,
            new PotEnd(95, 3, 110),
        );

        self::assertTrue($plan->targetIsFloor);
        self::assertSame(360.0, $plan->target);
        self::assertEqualsWithDelta(360.0, $plan->atEnd->total, 5.0);
        self::assertSame(LiquidFate::Added, $plan->changes[0]->fate, 'more of its own stock, not water');
        self::assertGreaterThan(100.0, $plan->changes[0]->poured);
    }

    public function testSaltIsConservedAndFollowsTheCutStock(): void
    {
        $plan = $this->plan(LevelSchool::OwnJuices);
        $salt = SaltBalance::of(self::ingredients(self::LINES), new Meats(Cooks::joint('lamb-shoulder', 1.4)), $plan, 110);
        $same = $this->plan(LevelSchool::OwnJuices, $ingredients = self::ingredients(self::LINES));
        $counted = SaltBalance::of($ingredients, new Meats(Cooks::joint('lamb-shoulder', 1.4)), $same, 110);
        $stock = array_values(array_filter($same->changes, static fn ($c): bool => 'stock' === $c->ingredient?->food?->id))[0];

        self::assertEqualsWithDelta(5.7 + 0.009 * 700, $salt->sum->total, 0.1);
        self::assertEqualsWithDelta(5.7 + 0.009 * $stock->poured, $counted->sum->total, 0.1);
        self::assertEqualsWithDelta($counted->sum->total, $counted->percentBefore / 100 * $counted->potGrams, 1e-9);
    }

    public function testReducingMakesSaltierByWhatIsBoiledOff(): void
    {
        $ingredients = self::ingredients(['1 litre chicken stock', '1 tbsp salt']);
        $plan = $this->plan(LevelSchool::Covered, $ingredients);
        $salt = SaltBalance::of($ingredients, new Meats(Cooks::joint('lamb-shoulder', 1.4)), $plan, 110);

        self::assertGreaterThan(0, $plan->reduce);
        self::assertEqualsWithDelta($salt->percentBefore * $plan->atEnd->total, $salt->percentAfter * $plan->left(), 1e-6);
        $limited = $salt->limiting($plan);
        self::assertEqualsWithDelta($plan->reduce, $limited->reduce + $limited->tooSalty, 1e-9);
        $held = ($salt->sum->total - $salt->holdBackGrams) / $salt->potGrams;
        self::assertLessThanOrEqual(0.014 + 1e-9, $held * $plan->atEnd->total / $limited->left());
        self::assertGreaterThan(0, $salt->holdBackGrams);
    }

    public function testTheLevelRisesWithTheLiquidAndSolidsDisplace(): void
    {
        $geometry = $this->geometry();
        $previous = 0.0;
        foreach ([100, 400, 900, 1500, 2500] as $millilitres) {
            $level = $geometry->level($millilitres);
            self::assertGreaterThan($previous, $level);
            self::assertEqualsWithDelta($millilitres, $geometry->millilitresTo($level), 0.01);
            $previous = $level;
        }
        $empty = new PotGeometry(new Cooker(Volume::litres(5.7)), new Meats(Cooks::joint('lamb-shoulder', 1.4)), 0);
        self::assertGreaterThan($empty->level(500), $geometry->level(500));
    }

    /** @param list<Ingredient>|null $ingredients */
    private function plan(LevelSchool $school, ?array $ingredients = null): SaucePlan
    {
        return (new SauceBalance($ingredients ?? self::ingredients(self::LINES), 4, new OwnBoiling()))->solve(
            new Meats(Cooks::joint('lamb-shoulder', 1.4)), 1, new OriginalMethod(Method::Oven, 3, 150), 100, $this->geometry(), $school,
            new PotEnd(95, 3, 110),
        );
    }

    private function geometry(): PotGeometry
    {
        return new PotGeometry(new Cooker(Volume::litres(5.7)), new Meats(Cooks::joint('lamb-shoulder', 1.4)), 0.64);
    }

    /** @param list<string> $codes */
    private static function total(Sum $sum, array $codes): float
    {
        return array_sum(array_map(static fn (Term $t): float => \in_array($t->code, $codes, true) ? $t->value : 0.0, $sum->terms));
    }

    /**
     * @param list<string> $lines
     *
     * @return list<Ingredient>
     */
    private static function ingredients(array $lines): array
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());

        return array_map(static fn (string $line): Ingredient => $reader->read($line), $lines);
    }
}
