<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\AsSure;
use Pausis\Core\Adaptation\Change\CutInto;
use Pausis\Core\Adaptation\Change\Delayed;
use Pausis\Core\Adaptation\Change\EatenOn;
use Pausis\Core\Adaptation\Change\InCooker;
use Pausis\Core\Adaptation\Change\LessMeat;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Change\ServeAt;
use Pausis\Core\Adaptation\Change\WithoutOwnStart;
use Pausis\Core\Adaptation\Evaluate\Evaluation;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\AnotherDay;
use Pausis\Core\Adaptation\Schedule\OwnDay;
use Pausis\Core\Adaptation\Sureness;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Quantity\Mass;

/** Ways out of a day on which the braise itself can't be done, each of them planned. */
final readonly class BraiseWays
{
    /** Done by then, a braise cools and is in the fridge the evening before it is eaten. */
    private const EVENING_BEFORE = ['21:00', '20:00', '19:00', '17:00'];
    private const DINNER_LATER_MINUTES = [0, 30, 60];
    /** Hours by which a timer may start it later; two is the most that is safe. */
    private const DELAYS = [1.0, 2.0];
    private const SHARES_OF_MEAT = [0.75, 0.5];
    private const MOST_WAYS = 6;

    public function __construct(private Evaluation $evaluation)
    {
    }

    /**
     * @param list<InCooker> $cookers others of the house
     *
     * @return list<WayOut>
     */
    public function out(AdaptedBraise $braise, array $cookers = []): array
    {
        if ($braise->day() instanceof DayPlan && null === $braise->forbidden()) {
            return [];
        }
        $dinners = $this->otherDinners($braise);
        $ways = array_values(array_filter([
            $this->ownStart($braise), $this->setting($braise), $this->highThenLow($braise), $this->lessSure($braise), $this->cut($braise),
            $this->delayed($braise), $this->otherCooker($braise, $cookers), $this->lessMeat($braise), $this->dayBefore($braise),
        ]));

        return [...\array_slice($ways, 0, self::MOST_WAYS - \count($dinners)), ...$dinners];
    }

    /** @return list<WayOut> the nearest after the one that is wanted, and before it, on a setting that is safe */
    private function otherDinners(AdaptedBraise $braise): array
    {
        $after = $before = null;
        $handling = $braise->order->handling;
        $freed = null === $handling->switchOn || $handling->isOn ? [] : [new WithoutOwnStart()];
        foreach ($braise->outcomes as $outcome) {
            $clash = [] === $freed ? $braise->days[$outcome->choice->value]
                : OwnDay::of($freed[0]->of($braise->order), $outcome, $braise->order->serveAt);
            if (null !== $outcome->unsafe || !$clash instanceof Clash) {
                continue;
            }
            if (null !== $clash->serveFrom() && (null === $after || $clash->serveFrom() < $after[0])) {
                $after = [$clash->serveFrom(), $outcome->choice];
            }
            if (null !== $clash->serveBefore() && (null === $before || $clash->serveBefore() > $before[0])) {
                $before = [$clash->serveBefore(), $outcome->choice];
            }
        }
        $ways = [];
        foreach (array_filter([$after, $before]) as [$serve, $choice]) {
            $ways[] = new WayOut(
                'serve-from',
                [new ServeAt($serve), ...$freed, ...($choice === $braise->chosen->choice ? [] : [new RunOn($choice)])], $serve,
                ['setting' => $choice === $braise->chosen->choice ? '' : $choice->value, 'start' => [] === $freed ? 'kept' : 'freed'],
            );
        }

        return $ways;
    }

    private function ownStart(AdaptedBraise $braise): ?WayOut
    {
        $way = new WayOut('own-start', [new WithoutOwnStart()]);

        foreach (null === $braise->order->handling->switchOn ? [] : [$braise->chosen, ...$braise->outcomes] as $outcome) {
            if (null === $outcome->unsafe && $this->fits($way->of($braise->order), $outcome)) {
                return $outcome === $braise->chosen
                    ? $way
                    : new WayOut(
                        'own-start-on', [...$way->changes, new RunOn($outcome->choice)], null, ['setting' => $outcome->choice->value],
                    );
            }
        }

        return null;
    }

    private function setting(AdaptedBraise $braise): ?WayOut
    {
        foreach ($braise->outcomes as $other) {
            if ($braise->works($other)) {
                return new WayOut('setting', [new RunOn($other->choice)], null, ['setting' => $other->choice->value]);
            }
        }

        return null;
    }

    private function highThenLow(AdaptedBraise $braise): ?WayOut
    {
        foreach ($braise->outcomes as $outcome) {
            if (ProgramChoice::HighThenLow === $outcome->choice) {
                return null;
            }
        }
        $way = new WayOut('setting', [new RunOn(ProgramChoice::HighThenLow)], null, ['setting' => ProgramChoice::HighThenLow->value]);

        return $this->works($way->of($braise->order), ProgramChoice::HighThenLow, $braise->chosen) ? $way : null;
    }

    private function lessSure(AdaptedBraise $braise): ?WayOut
    {
        if (Sureness::ThreeInFour === $braise->order->wishes->sureness) {
            return null;
        }
        $way = new WayOut('less-sure', [new AsSure(Sureness::ThreeInFour)]);

        return $this->works($way->of($braise->order), $braise->chosen->choice, $braise->chosen) ? $way : null;
    }

    private function cut(AdaptedBraise $braise): ?WayOut
    {
        foreach ([2, 4] as $parts) {
            $way = new WayOut('cut', [new CutInto($parts), new RunOn(ProgramChoice::High)], null, ['parts' => $parts]);
            if ($this->works($way->of($braise->order), ProgramChoice::High, $braise->chosen)) {
                return $way;
            }
        }

        return null;
    }

    /** A timer that starts it later, where there is no time to load. */
    private function delayed(AdaptedBraise $braise): ?WayOut
    {
        foreach (0.0 === $braise->order->handling->delayHours ? self::DELAYS : [] as $hours) {
            $way = new WayOut('delay', [new Delayed($hours)], null, ['hours' => $hours]);
            if ($this->works($way->of($braise->order), $braise->chosen->choice, $braise->chosen)) {
                return $way;
            }
        }

        return null;
    }

    /** @param list<InCooker> $cookers */
    private function otherCooker(AdaptedBraise $braise, array $cookers): ?WayOut
    {
        foreach ($cookers as $other) {
            foreach ([ProgramChoice::Low, ProgramChoice::High] as $choice) {
                $way = new WayOut(
                    'other-cooker', [$other, new RunOn($choice)], null, ['cooker' => $other->name, 'setting' => $choice->value],
                );
                if ($this->works($way->of($braise->order), $choice, $braise->chosen)) {
                    return $way;
                }
            }
        }

        return null;
    }

    private function lessMeat(AdaptedBraise $braise): ?WayOut
    {
        $joint = $braise->order->meat->joint;
        foreach (self::SHARES_OF_MEAT as $share) {
            $left = $joint->count > 1 ? floor($share * $joint->count) / $joint->count : $share;
            $way = new WayOut(
                'less-meat', [new LessMeat(Mass::kilograms($left * $joint->boneless->kilograms)), new RunOn(ProgramChoice::High)], null,
                ['kg' => $left * ($joint->boneless->kilograms + $braise->order->meat->bone->kilograms)],
            );
            if ($left > 0 && $this->works($way->of($braise->order), ProgramChoice::High, $braise->chosen)) {
                return $way;
            }
        }

        return null;
    }

    /** In the pot the evening before, chilled before bed, and warmed through for dinner. */
    private function dayBefore(AdaptedBraise $braise): ?WayOut
    {
        foreach (null === $braise->order->handling->eatenOn ? self::EVENING_BEFORE : [] as $time) {
            $evening = $braise->order->serveAt->modify('-1 day')->modify($time);
            foreach ($evening > $braise->order->now ? $braise->outcomes : [] as $outcome) {
                $cooked = (new ServeAt($evening))->of((new WithoutOwnStart())->of($braise->order));
                if (null === $outcome->unsafe && $this->fits($cooked, $outcome)) {
                    return $this->warmedThrough($evening, $braise, $outcome);
                }
            }
        }

        return null;
    }

    /** For the dinner that is wished for, or the next for which somebody is there in time; null where nobody is. */
    private function warmedThrough(\DateTimeImmutable $evening, AdaptedBraise $braise, Outcome $outcome): ?WayOut
    {
        $run = null;
        foreach (self::DINNER_LATER_MINUTES as $minutes) {
            $eaten = $braise->order->serveAt->modify("+$minutes minutes");
            $way = new WayOut(
                'day-before', [new ServeAt($evening), new EatenOn($eaten), new WithoutOwnStart(), new RunOn($outcome->choice)], $eaten,
                ['setting' => $outcome->choice->value],
            );
            $order = $way->of($braise->order);
            $run ??= $this->evaluation->outcome($order, $outcome->choice);
            if (null !== AnotherDay::placed(new AdaptedBraise($order, [$run], $run, []), [])) {
                return $way;
            }
        }

        return null;
    }

    /** Seen by the best guess first, then run. */
    private function works(BraiseOrder $order, ProgramChoice $choice, Outcome $like): bool
    {
        if (!$this->evaluation->pots->couldWork($order, $choice, $like)) {
            return false;
        }
        $outcome = $this->evaluation->outcome($order, $choice);

        return null === $outcome->unsafe && $this->fits($order, $outcome);
    }

    private function fits(BraiseOrder $order, Outcome $outcome): bool
    {
        return OwnDay::of($order, $outcome, $order->serveAt) instanceof DayPlan;
    }
}
