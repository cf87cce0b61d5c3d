<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\LateGuests;
use Pausis\Core\Adaptation\Rules\Deed;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;
use Pausis\Core\Recipe\ActKind;

/** Places everything around the braise: what is done before, during and at the end, and its side dishes. */
final readonly class Planner
{
    private const HELPERS = 3;
    /** Enough to see whether a changed day can be done. */
    public const QUICK_STEPS = 4_000;
    /** How often what goes in late is cut larger instead, since nobody is there. */
    private const MOST_VARIANTS = 2;

    public function __construct(private AdaptBraise $adapt)
    {
    }

    /**
     * Null where the braise itself has no plan. What goes in late while nobody is there is cut larger, where that is a way.
     *
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins       when some of the jobs are to begin, by id
     * @param list<OtherPot>                    $others     braises that the kitchen cooks besides
     * @param \Closure(): list<Companion>       $companions those of them whose work may be placed anew
     */
    public function plan(AdaptedBraise $braise, array $sides, array $pins, array $others, \Closure $companions): ?WholeDay
    {
        $whole = $this->planned($braise, $sides, $pins, $others);
        if (null !== $whole && !$whole->possible) {
            return $this->onAnotherSetting($braise, $sides, $pins, $others)
                ?? ([] === $others ? null : $this->together($braise, $sides, $pins, $others, $companions()))
                ?? $whole;
        }
        $larger = null === $whole ? [] : self::missedAdditions($whole);
        for ($k = 0; $k < self::MOST_VARIANTS && [] !== $larger; ++$k) {
            $other = $this->adapt->adapt($braise->order, $larger);
            $kept = self::stillAdded($other, $larger);
            if ([] === $kept) {
                return $this->planned($other, $sides, $pins, $others) ?? $whole;
            }
            $larger = array_values(array_diff($larger, $kept));
        }

        return $whole;
    }

    /**
     * Where the cook left the setting to us.
     *
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<OtherPot>                    $others
     */
    private function onAnotherSetting(AdaptedBraise $braise, array $sides, array $pins, array $others): ?WholeDay
    {
        foreach (null === $braise->order->wishes->choice ? $braise->outcomes : [] as $outcome) {
            if ($outcome !== $braise->chosen && $braise->works($outcome)) {
                $whole = $this->planned($this->adapt->adapt($braise->order->choosing($outcome->choice)), $sides, $pins, $others);
                if (true === $whole?->possible) {
                    return $whole;
                }
            }
        }

        return null;
    }

    /** @return list<string> ids of foods */
    private static function missedAdditions(WholeDay $whole): array
    {
        return array_values(array_filter(
            array_map(static fn (Caught $c): string => 'add-food' === $c->code ? $c->food : '', $whole->caught),
            static fn (string $id): bool => '' !== $id,
        ));
    }

    /**
     * @param list<string> $foods
     *
     * @return list<string> those that no cut lets go in from the start
     */
    private static function stillAdded(AdaptedBraise $braise, array $foods): array
    {
        $added = array_merge(...array_map(
            static fn (Deed $d): array => $d->act->foods, $braise->chosen->process->in(Stage::During, ActKind::Add),
        ));

        return array_values(array_intersect($foods, $added));
    }

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<OtherPot>                    $others
     */
    private function planned(AdaptedBraise $braise, array $sides, array $pins, array $others): ?WholeDay
    {
        $day = $braise->day();
        if (!$day instanceof DayPlan) {
            return null;
        }
        $case = new DayCase($braise, $day, $sides, $pins, self::reserved($others));
        [$planned, $refused] = $this->keepingPins($case);

        return $this->whole($case, $planned, $refused, $others);
    }

    /**
     * With the work of other braises placed anew, where it doesn't go together else.
     *
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins
     * @param list<OtherPot>                    $others
     * @param list<Companion>                   $companions
     */
    private function together(AdaptedBraise $braise, array $sides, array $pins, array $others, array $companions): ?WholeDay
    {
        $pots = array_map(static fn (Companion $c): OtherPot => $c->pot, $companions);
        $fixed = self::reserved(array_values(array_filter($others, static fn (OtherPot $o): bool => !\in_array($o, $pots, true))));
        $cases = [];
        foreach ([
            [$braise, $sides, $pins], ...array_map(static fn (Companion $c): array => [$c->braise, $c->sides, $c->pins], $companions),
        ] as $one) {
            $day = $one[0]->day();
            if (!$day instanceof DayPlan) {
                return null;
            }
            $cases[] = new DayCase($one[0], $day, $one[1], $one[2], $fixed);
        }
        $planned = \count($cases) < 2 ? null : Together::plan($cases, $braise->order->kitchen, $fixed, Scheduler::MOST_STEPS);
        if (null === $planned) {
            return null;
        }
        $moved = [];
        foreach ($companions as $k => $companion) {
            $moved[$companion->id] = $this->whole($cases[$k + 1], $planned[$k + 1], [], []);
        }
        $replaced = array_map(static function (OtherPot $o) use ($pots, $companions, $moved): OtherPot {
            $k = array_search($o, $pots, true);

            return false === $k ? $o : $o->placedAnew($moved[$companions[$k]->id]->placed);
        }, $others);

        return $this->whole($cases[0], $planned[0], [], $replaced, $moved);
    }

    /**
     * @param array<string, string>   $refused
     * @param list<OtherPot>          $others
     * @param array<string, WholeDay> $moved
     */
    private function whole(DayCase $case, ?PlannedDay $planned, array $refused, array $others, array $moved = []): WholeDay
    {
        $braise = $case->braise;
        $shown = $planned ?? $case->pinned([])->with([])->plan(self::QUICK_STEPS);
        [$moments, $caught, $unkept] = null === $shown ? $case->moments($case->day, []) : [$shown->moments, $shown->caught,
            $shown->unkept];
        $again = AnotherDay::placed($braise, $case->sides, $case->pins);
        $caught = null === $again ? [...$caught, new Caught('reheat', '', $braise->order->handling->eatenOn)] : $caught;
        $placed = self::inTurn([...$moments, ...($shown->schedule->placed ?? []), ...$again ?? []]);
        $missed = (new BraiseJobs($braise->order, $braise->chosen->work))->missedEvening(($shown->day ?? $case->day)->switchOn);
        $caught = [...self::taken($shown->day ?? $case->day, $others), ...$missed, ...$caught];

        if (null === $planned) {
            return new WholeDay($braise, $placed, false, true, $caught, $unkept, $others, $case->sides);
        }
        $told = $planned->day->switchOn == $case->day->switchOn ? $planned->braise : $this->adapt->judged($planned->braise);
        $late = new LateGuests($placed, $braise->order->handling->lateMinutes);

        return new WholeDay(
            $told->asPlaced($placed), $placed, true, $planned->schedule->optimal, $caught, [...$refused, ...$unkept], $others,
            $case->sides,
            $late->heldBack(), $late->canBeWaitedFor($braise->order->kitchen, $planned->day->serve, self::reserved($others)), $moved,
        );
    }

    /**
     * @param list<OtherPot> $others
     *
     * @return list<Placed>
     */
    public static function reserved(array $others): array
    {
        return array_merge(...array_map(static fn (OtherPot $o): array => $o->placed, $others));
    }

    /**
     * @param list<Placed> $placed
     *
     * @return list<Placed>
     */
    private static function inTurn(array $placed): array
    {
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);

        return $placed;
    }

    /**
     * @param list<OtherPot> $others
     *
     * @return list<Caught> where the cooker is in use for another braise
     */
    private static function taken(DayPlan $day, array $others): array
    {
        $taken = array_filter($others, static fn (OtherPot $o): bool => $o->sameCooker && $o->cooks->overlaps($day->switchOn,
            $day->serve));

        return array_values(array_map(static fn (OtherPot $o): Caught => new Caught(Caught::COOKER_TAKEN, $o->title, $o->cooks->from),
            $taken));
    }

    /**
     * The plan with as many of the cook's times as can be kept, and why the others can't.
     *
     * @return array{PlannedDay|null, array<string, string>}
     */
    private function keepingPins(DayCase $case): array
    {
        $all = $case->plan(Scheduler::MOST_STEPS);
        if (null !== $all || [] === $case->pins) {
            return [$all, []];
        }
        $free = $case->pinned([])->plan(Scheduler::MOST_STEPS);
        if (null === $free) {
            return [null, []];
        }
        $kept = $refused = [];
        foreach ($case->pins as $job => $at) {
            $planned = $case->pinned([...$kept, $job => $at])->plan(self::QUICK_STEPS);
            if (null !== $planned) {
                $kept[$job] = $at;
                $free = $planned;
            } else {
                $refused[$job] = $this->why($case, $job, $at, $free);
            }
        }

        return [$free, $refused];
    }

    /** Why a job can't begin then, although the day without it can be done. */
    private function why(DayCase $case, string $job, \DateTimeImmutable $at, PlannedDay $free): string
    {
        $only = $case->pinned([$job => $at]);
        $possible = static fn (DayCase $changed): bool => $changed->isPossible(self::QUICK_STEPS);
        $placed = $free->schedule->find($job);
        $kitchen = $case->kitchen();
        if (null === $placed || $possible($only)) {
            return 'together';
        }
        $nobody = $placed->job->hands && null === $kitchen->people->who($at, $at->modify("+{$placed->job->minutes} minutes"));

        return match (true) {
            $nobody => 'nobody',
            $possible($only->in($kitchen->with($kitchen->people->always()->andHelpers(self::HELPERS)))) => 'hands',
            $possible($only->in($kitchen->andMore(4, 2))) => 'stove',
            $at < $placed->from => 'too-early',
            default => 'too-late',
        };
    }
}
