<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Eris\Generators;
use Eris\TestTrait;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

/** What holds of every braise, over cuts, weights, pots and levels drawn at random. */
final class PropertiesTest extends TestCase
{
    use TestTrait;

    private const LINES = [
        '2 onions', '3 carrots', '300 ml red wine', '600 ml beef stock', '300 ml water', '1 tsp salt', '80 g pearl barley',
    ];

    public function testEveryAdaptationIsConsistent(): void
    {
        $this->limitTo(40)->forAll(
            Generators::elements(array_map(static fn (Cut $c): string => $c->id, Cuts::load()->all())),
            Generators::choose(300, 2600),
            Generators::choose(1, 8),
            Generators::choose(30, 75),
            Generators::elements(LevelSchool::cases()),
            Generators::choose(0, 2500),
        )->then(function (string $cut, int $grams, int $pieces, int $decilitres, LevelSchool $level, int $altitude): void {
            $order = self::order($cut, $grams / 1000, $pieces, $decilitres / 10, $level, (float) $altitude);
            $braise = (new AdaptBraise(new Evaluation(simulation: new Simulation(16, 120.0))))->adapt($order);
            foreach ($braise->outcomes as $outcome) {
                $this->assertWindowsInOrder($outcome->windows);
                foreach ([
                    $outcome->sauce->original, $outcome->sauce->atEnd, $outcome->salt->sum, $outcome->work->before(),
                    $outcome->work->finish(),
                ] as $sum) {
                    self::assertEqualsWithDelta($sum->total, self::added($sum), 1e-6);
                }
                self::assertLessThan(1e-9, $outcome->best->energy->imbalance());
                self::assertGreaterThanOrEqual(0.0, $outcome->sauce->load);
                self::assertGreaterThanOrEqual($outcome->salt->percentBefore - 1e-9, $outcome->salt->percentAfter);
                self::assertGreaterThan(0.0, $outcome->filling->fill);
                $day = $braise->days[$outcome->choice->value];
                if ($day instanceof DayPlan) {
                    $this->assertPlanInOrder($day, $order->serveAt);
                }
            }
            self::assertTrue(null === $braise->chosen->unsafe || null !== $braise->outcomes[0]->unsafe);
        });
    }

    public function testHeavierIsNeverSoonerAndMorePiecesNeverLater(): void
    {
        $this->limitTo(40)->forAll(
            Generators::choose(500, 2500), Generators::choose(1, 6),
        )->then(static function (int $grams, int $pieces): void {
            $reference = Cooks::chuck();
            $setup = static fn (float $kilograms, int $count): Setup => new Setup($reference->cooker, $reference->room, $reference->insert,
                Cooks::joint('beef-chuck', $kilograms, $count), $reference->contents, $reference->program);
            $core60 = static fn (float $kilograms, int $count): float => (new Simulation())
                ->run($setup($kilograms, $count), new Deviation(), 24)->core60;
            $plain = $core60($grams / 1000, $pieces);

            self::assertGreaterThan($plain, $core60(1.2 * $grams / 1000, $pieces));
            self::assertLessThan($plain, $core60($grams / 1000, $pieces + 1));
        });
    }

    /** @param array<string, \Pausis\Core\Learning\Window> $windows */
    private function assertWindowsInOrder(array $windows): void
    {
        $previous = 0.0;
        foreach (Doneness::cases() as $level) {
            $window = $windows[$level->value];
            $times = array_filter([$window->earliest, $window->likely, $window->latest], static fn (?float $t): bool => null !== $t);
            $sorted = $times;
            sort($sorted);
            self::assertSame($sorted, array_values($times), $level->value);
            if (null !== $window->likely) {
                self::assertGreaterThanOrEqual($previous, $window->likely, $level->value);
                $previous = $window->likely;
            }
        }
    }

    private function assertPlanInOrder(DayPlan $plan, \DateTimeImmutable $serve): void
    {
        $times = array_map(static fn ($task): int => $task->at->getTimestamp(), $plan->tasks);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
        self::assertEquals($serve, $plan->at(TaskKind::Serve)?->at);
        self::assertSame(0, $plan->switchOn->getTimestamp() % 300);
    }

    private static function added(Sum $sum): float
    {
        return array_sum(array_map(static fn (Term $t): float => $t->value, $sum->terms));
    }

    private static function order(
        string $cut, float $kilograms, int $pieces, float $litres, LevelSchool $level, float $altitude,
    ): BraiseOrder {
        $problems = new Problems();
        $found = Cuts::load()->find($cut) ?? throw new \LogicException($cut);
        $joint = Joint::tryFrom(
            $found, $kilograms * (1 - $found->bone), $pieces, null, 5, null, $problems,
        ) ?? throw new \LogicException(json_encode($problems->all(), \JSON_THROW_ON_ERROR));
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $zone = new \DateTimeZone('Europe/Vienna');

        return new BraiseOrder(
            new OrderedRecipe(
                array_map(static fn (string $line): Ingredient => $reader->read($line), self::LINES), 4,
                new OriginalMethod(Method::Oven, 3, 150), true,
            ),
            new OrderedMeat($joint, Mass::kilograms($kilograms * $found->bone)),
            new Cooker(Volume::litres($litres), Shape::Oval),
            new Room(Temperature::celsius(20), $altitude),
            new \DateTimeImmutable('2026-11-26 06:00', $zone),
            new \DateTimeImmutable('2026-11-26 19:30', $zone),
            new Kitchen(),
            wishes: new Wishes(level: $level),
        );
    }
}
