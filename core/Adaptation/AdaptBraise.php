<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Explain\BraiseFindings;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;

/** Recipe, meat, cooker and day in; hours, liquid, salt, clock times and cautions out. */
final readonly class AdaptBraise
{
    /** The recipe's own setting is left where so many of such pots would be past their best. */
    private const MANY_PAST = 0.25;
    /** The longest cook that is looked at, hours. */
    public const HORIZON = 20.0;

    public function __construct(public Evaluation $evaluation = new Evaluation())
    {
    }

    /** @param list<string> $larger ids of what is cut larger instead of going in late */
    public function adapt(BraiseOrder $order, array $larger = []): AdaptedBraise
    {
        return $this->judged($this->among($order, $this->evaluation->of($order, $larger)));
    }

    /**
     * The day of each outcome, and the one that is taken; without what is to be said of it.
     *
     * @param non-empty-list<Outcome> $outcomes
     */
    public function among(BraiseOrder $order, array $outcomes): AdaptedBraise
    {
        $days = [];
        foreach ($outcomes as $outcome) {
            $days[$outcome->choice->value] = OwnDay::of($order, $outcome, $order->serveAt);
        }
        $chosen = self::choose($outcomes, $days, $order->wishes->choice, $order->wonted());

        return new AdaptedBraise($order, $outcomes, $chosen, $days);
    }

    /** With what is to be said of it on its day. */
    public function judged(AdaptedBraise $braise): AdaptedBraise
    {
        return $braise->finding(...(new BraiseFindings($this->evaluation))->of($braise));
    }

    /**
     * The cook's choice; otherwise what is safe and works, keeps the meat from going past its best, is the recipe's own setting or
     * the house's, and holds it shortest.
     *
     * @param non-empty-list<Outcome>      $outcomes
     * @param array<string, DayPlan|Clash> $days
     * @param list<string>                 $own      settings of the recipe or the house, the first liked best
     */
    private static function choose(array $outcomes, array $days, ?ProgramChoice $wanted, array $own): Outcome
    {
        foreach ($outcomes as $outcome) {
            if ($outcome->choice === $wanted) {
                return $outcome;
            }
        }
        $works = array_values(array_filter(
            $outcomes, static fn (Outcome $o): bool => null === $o->unsafe && $days[$o->choice->value] instanceof DayPlan,
        ));
        $outcomes = [] === $works ? $outcomes : $works;
        $rank = static fn (Outcome $o): array => self::rank($o, $days[$o->choice->value], $own);
        usort($outcomes, static fn (Outcome $a, Outcome $b): int => $rank($a) <=> $rank($b));

        return $outcomes[0];
    }

    /**
     * @param list<string> $own
     *
     * @return array{int, int, int, int, int, int, float} the smaller the better
     */
    private static function rank(Outcome $outcome, DayPlan|Clash $day, array $own): array
    {
        $place = array_search($outcome->choice->value, $own, true);

        return [
            null === $outcome->unsafe ? 0 : 1,
            $day instanceof DayPlan ? 0 : 1,
            $day instanceof DayPlan && $day->pastShare >= self::MANY_PAST ? 1 : 0,
            false === $place && [] !== $own ? 1 : 0,
            $day instanceof DayPlan && $day->isPastBest() ? 1 : 0,
            (int) $place,
            $day instanceof DayPlan ? $day->holdMinutes : (float) ($day->serveFrom()?->getTimestamp() ?? \PHP_INT_MAX),
        ];
    }
}
