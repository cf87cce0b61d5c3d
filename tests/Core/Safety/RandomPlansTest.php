<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Handling;
use Pausis\Core\Adaptation\OrderedMeat;
use Pausis\Core\Adaptation\OrderedRecipe;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Wishes;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\WhyWarm;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

/**
 * Random orders of all kinds against the safety rules of the cooking model (§7), written here a second time and without
 * core/Safety. PAUSIS_PLANS sets how many; a hundred and twenty unless it is set.
 */
final class RandomPlansTest extends TestCase
{
    private const SEED = 20261126;
    private const USUAL = 120;
    private const BEANS = [
        '250 g dried kidney beans', '200 g raw haricot beans, optional', '1 cup navy beans', '300 g butter beans, soaked overnight',
    ];

    public function testNoPlanBreaksARule(): void
    {
        mt_srand(self::SEED);
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $cuts = Cuts::load()->all();
        $adapt = new AdaptBraise(new Evaluation(simulation: new Simulation(10, 120.0)));
        $seen = ['planned' => 0, 'forbidden' => 0, 'on Warm' => 0, 'poultry' => 0, 'own start' => 0, 'beans' => 0];
        $asked = $_SERVER['PAUSIS_PLANS'] ?? '';
        $count = is_numeric($asked) ? (int) $asked : self::USUAL;
        for ($case = 0; $case < $count; ++$case) {
            $cut = $cuts[mt_rand(0, \count($cuts) - 1)];
            $problems = new Problems();
            $warm = 0 === mt_rand(0, 4) ? mt_rand(8, 65) : mt_rand(2, 7);
            $joint = Joint::tryFrom($cut, mt_rand(3, 30) / 10, mt_rand(1, 8), null, (float) $warm, null, $problems);
            if (null === $joint) {
                continue;
            }
            $before = new Beforehand(
                0 === mt_rand(0, 15), [null, null, null, WhyWarm::LeftOut, WhyWarm::JustHot][mt_rand(0, 4)],
                0 === mt_rand(0, 2) ? null : Duration::minutes(mt_rand(1, 200)),
            );
            $lines = ['2 onions', '3 carrots', '600 ml stock', ...(0 === mt_rand(0, 4) ? [self::BEANS[mt_rand(0, 3)]] : [])];
            $ingredients = array_map(static fn (string $line): Ingredient => $reader->read($line), $lines);
            $room = [20.0, 20.0, 28.0, 34.0, 40.0][mt_rand(0, 4)];
            $handling = new Handling(Effort::cases()[mt_rand(0, 2)], 0 === mt_rand(0, 5), 0 === mt_rand(0, 5),
                switchOn: 0 === mt_rand(0, 2)
                    ? Days::at(\sprintf('%02d:%02d', mt_rand(0, 23), 5 * mt_rand(0, 11)), mt_rand(0, 3) ? '2026-11-26' : '2026-11-25')
                    : null,
                highHours: mt_rand(1, 4), delayHours: [0.0, 0.0, 0.0, 1.0, 2.0, 3.0][mt_rand(0, 5)]);
            $order = new BraiseOrder(
                new OrderedRecipe($ingredients, 4, null, true, new Dish($ingredients, [])),
                new OrderedMeat($joint, Mass::kilograms($joint->boneless->kilograms * $cut->bone), $before),
                new Cooker(
                    Volume::litres([3.3, 5.7, 6.5][mt_rand(0, 2)]), Shape::Oval, null, mt_rand(75, 120) / 100,
                    [null, Duration::hours(4), Duration::hours(8), Duration::hours(12)][mt_rand(0, 3)], Cooker::HEAT_SIGMA,
                    (bool) mt_rand(0, 1),
                ),
                new Room(Temperature::celsius($room), mt_rand(0, 20) * 100),
                Days::at('12:00', '2026-11-24'),
                Days::at(\sprintf('%02d:%02d', mt_rand(12, 21), 15 * mt_rand(0, 3))),
                Kitchen::alone(Days::home('00:00')),
                wishes: new Wishes(choice: 0 === mt_rand(0, 1) ? null : ProgramChoice::cases()[mt_rand(0, 3)]),
                handling: $handling,
            );
            $braise = $adapt->adapt($order);
            $why = "case $case: {$braise->chosen->choice->value} ".($braise->forbidden()->rule ?? 'allowed');
            self::assertSame(self::mustNot($braise), null !== $braise->forbidden(), $why);
            null === $braise->forbidden() ? ++$seen['planned'] : ++$seen['forbidden'];
            $this->checkPlan($braise, $why, $seen);
        }
        foreach ($seen as $kind => $times) {
            self::assertGreaterThan(0, $times, $kind);
        }
    }

    /** Whether section 7 forbids it, by the numbers of the run alone. */
    private static function mustNot(AdaptedBraise $braise): bool
    {
        $order = $braise->order;
        $outcome = $braise->chosen;
        $celsius = $order->meat->joint->start->celsius;
        $limit = $order->room->temperature->celsius > 32 ? 60.0 : 120.0;
        $left = WhyWarm::LeftOut === $order->meat->beforehand->why ? $order->meat->beforehand->since?->inMinutes() ?? 0.0 : 0.0;
        $work = 0.0;
        $load = 0.0;
        foreach ($outcome->work->before()->terms as $term) {
            $work += \in_array($term->code, ['dry-meat', 'brown-meat', 'fry-base', 'boil-wine-down', 'load'], true) ? $term->value : 0.0;
            $load += 'load' === $term->code ? $term->value : 0.0;
        }
        $hot = WhyWarm::JustHot === $order->meat->beforehand->why;
        $warmWithoutReason = match ($order->meat->beforehand->why) {
            null => $celsius > 7,
            WhyWarm::LeftOut => $celsius > 30 || null === $order->meat->beforehand->since
                || $celsius > 10 + max(0, $order->room->temperature->celsius - 7) * (1 - exp(-$left / 40)),
            WhyWarm::JustHot => $celsius < 20 || ($order->meat->beforehand->since?->inMinutes() ?? 0.0) > 30,
        };
        $delay = 60 * $order->handling->delayHours;
        $cold = Effort::Cold === $order->handling->effort
            && !$order->handling->hotLiquid
            && !$order->handling->warmInsert
            && null === $order->meat->beforehand->why
            && $celsius <= 7
            && !$order->meat->beforehand->frozen;
        $latest = max($outcome->heating->core60->latest ?? \INF, $outcome->heating->pot60->latest ?? \INF) + ($work + $left) / 60;
        $warmAt = self::warmFrom($braise);
        $depth = $order->cooker->depth()->metres;
        $fits = $outcome->filling->geometry->fits();

        return $order->meat->beforehand->frozen
            || $warmWithoutReason
            || ($delay > 0 && ($delay + $work - $load + $left > $limit || !$cold))
            || $work + $left > $limit
            || $latest > 4.0
            || (\INF !== $warmAt && ($outcome->planned->latest ?? \INF) > $warmAt)
            || self::tooCool($braise, $warmAt)
            || !$fits || $outcome->filling->fill > 0.9 || $depth <= 0;
    }

    private static function tooCool(AdaptedBraise $braise, float $warmAt): bool
    {
        foreach ($braise->chosen->best->trace as [$hour, $pot]) {
            if ($hour > $warmAt && $pot < 60) {
                return true;
            }
        }

        return false;
    }

    private static function warmFrom(AdaptedBraise $braise): float
    {
        $last = \INF;
        foreach ($braise->chosen->choice->program($braise->order->cooker, $braise->order->handling)->changes as $change) {
            $last = Setting::Warm === $change->setting ? $change->at->inHours() : \INF;
        }

        return $last;
    }

    /** @param array<string, int> $seen */
    private function checkPlan(AdaptedBraise $braise, string $why, array &$seen): void
    {
        foreach ($braise->order->recipe->ingredients as $ingredient) {
            if (preg_match('/kidney|haricot|navy|butter beans/', $ingredient->source)) {
                ++$seen['beans'];
                self::assertContains('boil-beans', array_column($braise->findings, 'rule'), $why);
            }
        }
        $day = $braise->day();
        if (null !== $braise->forbidden() || !$day instanceof DayPlan) {
            return;
        }
        $sauce = ($day->at(TaskKind::Sauce)->at ?? $day->serve)->getTimestamp();
        $hours = ($sauce - $day->switchOn->getTimestamp()) / 3600;
        $warmAt = self::warmFrom($braise);
        if ($hours > $warmAt) {
            ++$seen['on Warm'];
            $plated = ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600;
            self::assertLessThanOrEqual(4.001, $plated - $warmAt, $why);
        }
        self::assertGreaterThanOrEqual(($braise->chosen->planned->latest ?? \INF) - 1e-6, $hours, $why);
        self::assertLessThanOrEqual(24.0, $hours, $why);
        null === $braise->order->handling->switchOn || ++$seen['own start'];
        $test = $day->at(TaskKind::ForkTest);
        if (\in_array(
            $braise->order->meat->joint->cut->animal, ['chicken', 'duck', 'turkey', 'goose', 'guinea fowl'], true,
        ) && null !== $test) {
            ++$seen['poultry'];
            $at = ($test->at->getTimestamp() - $day->switchOn->getTimestamp()) / 3600;
            $reached = array_filter($braise->chosen->best->trace, static fn (array $row): bool => $row[0] <= $at + 1e-9);
            self::assertGreaterThanOrEqual(74.0, end($reached)[2] ?? 0.0, $why);
        }
    }
}
