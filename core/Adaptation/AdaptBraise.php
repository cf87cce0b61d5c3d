<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Internal\BraiseFindings;
use Pausis\Core\Adaptation\Internal\BraiseWays;
use Pausis\Core\Adaptation\Internal\PotRun;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Finish\Reduction;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Liquid\LevelSchool;
use Pausis\Core\Liquid\SaltBalance;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Recipe\Ingredient;

/** Recipe, meat, cooker and day in; hours, liquid, salt, clock times and cautions out. */
final readonly class AdaptBraise
{
    /** The longest cook that is looked at, hours. */
    public const HORIZON = 20.0;

    public function __construct(private Simulation $simulation = new Simulation())
    {
    }

    public function adapt(BraiseOrder $order): AdaptedBraise
    {
        $pots = new PotRun($this->simulation);
        $low = $pots->outcome($order, ProgramChoice::Low);
        $high = $pots->outcome($order, ProgramChoice::High);
        $outcomes = $order->cooker->hasMedium ? [$low, $pots->outcome($order, ProgramChoice::Medium), $high] : [$low, $high];
        if ((null !== $low->unsafe && null === $high->unsafe) || ProgramChoice::HighThenLow === $order->choice) {
            $outcomes[] = $pots->outcome($order, ProgramChoice::HighThenLow);
        }
        $chosen = $this->choose($outcomes, $order->choice);
        $left = $chosen->sauce->reduce > 0 ? $chosen->sauce->target : max($chosen->sauce->target, $chosen->sauce->atEnd->total);
        $offered = Slurry::for($left, $order->thickness, $order->thickener, self::thickenedAlready($order));
        $slurry = $order->choices->refuses('thicken') ? Slurry::for($left, Thickness::Stock, $order->thickener) : $offered;
        $method = new AdaptedMethod($order, $chosen, $slurry);

        return new AdaptedBraise($order, $outcomes, $chosen, $slurry,
            [...(new Changes($order, $chosen, $offered))->all(), ...$method->changes()], (new BraiseFindings($pots))->of($order, $chosen, $outcomes), $method->steps(), $this->levels($order, $chosen), (new BraiseWays($pots))->out($order, $chosen, $outcomes));
    }

    /** @return list<LevelCost> what each school would cost, in the pot as it is run */
    private function levels(BraiseOrder $order, SettingOutcome $chosen): array
    {
        $costs = [];
        $end = PotRun::endOf($chosen->best, $order->texture);
        $ingredients = $order->potIngredients();
        $balance = new SauceBalance($ingredients, $order->serves, $order->recipeBoilsWine, $order->choices->liquids($ingredients, Effort::Cold !== $order->handling->effort));
        foreach (LevelSchool::cases() as $school) {
            $sauce = $balance->solve($order->joint, $order->recipeMeatScale(), $order->original, $order->room->boilingPoint()->celsius, $chosen->geometry, $school, $end);
            $salt = SaltBalance::of($ingredients, $order->joint, $sauce, $end->evaporatedGrams, $order->saltAimPercent);
            $costs[] = new LevelCost($school, $sauce->load, $chosen->geometry->level($sauce->load), $chosen->geometry->fill($sauce->load), $sauce->reduce,
                $sauce->reduce > 0 ? Reduction::timeFor($sauce->reduce, $order->kitchen->pan())->inMinutes() : 0.0, $salt->percentAfter);
        }

        return $costs;
    }

    /**
     * The cook's choice; otherwise what is safe and works, keeps the meat from going past its best, and holds it shortest.
     *
     * @param non-empty-list<SettingOutcome> $outcomes
     */
    private function choose(array $outcomes, ?ProgramChoice $wanted): SettingOutcome
    {
        foreach ($outcomes as $outcome) {
            if ($outcome->choice === $wanted) {
                return $outcome;
            }
        }
        usort($outcomes, static fn (SettingOutcome $a, SettingOutcome $b): int => self::rank($a) <=> self::rank($b));

        return $outcomes[0];
    }

    /** @return array{int, int, int, float} the smaller the better */
    private static function rank(SettingOutcome $outcome): array
    {
        $day = $outcome->day;

        return [
            null === $outcome->unsafe ? 0 : 1,
            $day instanceof DayPlan ? 0 : 1,
            $day instanceof DayPlan && $day->pastBest ? 1 : 0,
            $day instanceof DayPlan ? $day->holdMinutes : (float) ($day->serveFrom?->getTimestamp() ?? \PHP_INT_MAX),
        ];
    }

    /** Grams of corn starch that flour, tomato paste and the like in the pot stand for. */
    public static function thickenedAlready(BraiseOrder $order): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams * ($i->food->thick ?? 0.0), $order->potIngredients()));
    }
}
