<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Safety\Rules;

/**
 * A plan between its first job and switching on. While jobs are done at their times it stands as it was made; behind, what is left is
 * planned from there, dinner kept as long as it can be.
 */
final readonly class BeforeOn
{
    /** Not on so long after its time, the pot is late. */
    public const GRACE_MINUTES = 5;
    private const STEP = 300;
    /** Dinners later than the first that works by itself are tried for its side dishes, in quarter hours. */
    private const MOST_LATER = 12;
    private const QUARTER = 900;
    /** A setting that isn't the one of the plan is taken where it is sooner by more than that. */
    private const WORTH_ANOTHER_SETTING = 3600;

    public function __construct(private AdaptBraise $adapt, private PlanDay $days)
    {
    }

    /**
     * @param WholeDay                          $planned as it was before anything of it began
     * @param array<string, \DateTimeImmutable> $pins    by job
     */
    public function follow(WholeDay $planned, array $pins, Ticks $ticks, \DateTimeImmutable $now): Underway
    {
        $since = $ticks->behindSince($planned->placed);
        $whole = null === $since ? $planned : $this->from($since, $planned, $pins, $ticks);
        if (null === $whole) {
            return new Underway(State::Begun, $planned, $ticks->done(), [], [], new Moved(never: true));
        }
        $load = self::load($whole);
        if (null === $load || $now < self::later($load->to, self::GRACE_MINUTES)) {
            return $this->underway($whole, $planned, $ticks, $now);
        }
        // It may well be on, and nobody has said so yet.
        $if = $this->from(self::up($now), $planned, $pins, new Ticks([...$ticks->said, new Tick(BraiseJobs::LOAD, false, $now)]));
        $day = $if?->braise->day();

        return $this->underway($whole, $planned, $ticks, $now, [$load], $day instanceof DayPlan ? $day->serve : null);
    }

    private static function load(WholeDay $whole): ?Placed
    {
        foreach ($whole->placed as $placed) {
            if (BraiseJobs::LOAD === $placed->job->id) {
                return $placed;
            }
        }

        return null;
    }

    /**
     * What is left, planned from then; null where no moment is left for it.
     *
     * @param array<string, \DateTimeImmutable> $pins
     */
    private function from(\DateTimeImmutable $since, WholeDay $planned, array $pins, Ticks $ticks): ?WholeDay
    {
        $kept = $this->kept($planned, $ticks, $since);
        foreach ($this->orders($planned, $kept, $since) as [$braise, $choice]) {
            $whole = $this->anew($braise, $planned, $pins, $kept, $since);
            if (null !== $whole && self::isLoadedInTime($whole, $kept)) {
                return $whole;
            }
        }

        return null;
    }

    /**
     * Browned meat is not kept: it is in the pot before it has been out for as long as raw food may be.
     *
     * @param array<string, Placed> $kept
     */
    private static function isLoadedInTime(WholeDay $whole, array $kept): bool
    {
        $load = self::load($whole);
        foreach (['brown-meat', 'blanch'] as $id) {
            $out = null === $load || !isset($kept[$id]) ? 0.0 : (float) ($load->to->getTimestamp() - $kept[$id]->from->getTimestamp());
            if (null !== Rules::onTheCounter(Duration::seconds(max(0.0, $out)), $whole->braise->order->room->temperature)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<Placed> $overdue */
    private function underway(
        WholeDay $whole, WholeDay $planned, Ticks $ticks, \DateTimeImmutable $now, array $overdue = [],
        ?\DateTimeImmutable $otherwise = null,
    ): Underway {
        $done = $ticks->done();
        $notYet = $ticks->notYet();
        $settled = [];
        foreach ($whole->placed as $placed) {
            $id = $placed->job->id;
            if ($placed->from <= $now && BraiseJobs::LOAD !== $id && !isset($done[$id]) && !isset($notYet[$id])) {
                $settled[] = $id;
            }
        }
        $begun = [] !== $done || [] !== $settled || [] !== $notYet;

        $settled = array_values(array_unique([...$settled, ...array_keys($ticks->settled())]));

        return new Underway(
            $begun ? State::Begun : State::Planned, $whole, $done, $settled, $overdue,
            self::moved($whole, $planned), otherwise: $otherwise,
        );
    }

    private static function moved(WholeDay $whole, WholeDay $planned): ?Moved
    {
        $now = $whole->braise->day();
        $then = $planned->braise->day();
        if (!$now instanceof DayPlan || !$then instanceof DayPlan || $whole === $planned) {
            return null;
        }
        $setting = $whole->braise->chosen->choice;
        $moved = new Moved(
            $now->serve == $then->serve ? null : $now->serve, $now->switchOn == $then->switchOn ? null : $now->switchOn,
            $setting === $planned->braise->chosen->choice ? null : $setting->value,
        );

        return null === $moved->serve && null === $moved->on && null === $moved->setting ? null : $moved;
    }

    /**
     * What is done, or under way, by then.
     *
     * @return array<string, Placed> by job
     */
    private function kept(WholeDay $planned, Ticks $ticks, \DateTimeImmutable $since): array
    {
        $done = [...$ticks->done(), ...array_fill_keys(array_keys($ticks->settled()), true)];
        $notYet = $ticks->notYet();
        $kept = [];
        foreach ($planned->placed as $placed) {
            $id = $placed->job->id;
            if (BraiseJobs::LOAD !== $id && (isset($done[$id]) || ($placed->from < $since && !isset($notYet[$id])))) {
                $kept[$id] = $placed;
            }
        }

        return $kept;
    }

    /**
     * The braise from then on with what is left of its work: for its dinner as planned, on another setting, or for the next dinner.
     *
     * @param array<string, Placed> $kept
     *
     * @return \Generator<array{AdaptedBraise, ProgramChoice}>
     */
    private function orders(WholeDay $planned, array $kept, \DateTimeImmutable $since): \Generator
    {
        $was = $planned->braise;
        $free = $since;
        foreach ($kept as $placed) {
            $free = $placed->job->hands && $placed->from <= $since ? max($free, $placed->to) : $free;
        }
        $order = $was->order->from($free);
        $on = $order->handling->switchOn;
        $order = null === $on ? $order : $order->handled($order->handling->startedAt(null));
        $outcomes = array_map(
            static fn (Outcome $o): Outcome => $o->working($o->work->without(array_keys($kept))), $was->outcomes,
        );
        $own = $this->adapt->among($order->choosing($was->chosen->choice), $outcomes);
        yield [$own, $was->chosen->choice];
        foreach ($outcomes as $outcome) {
            if (null === $outcome->unsafe && $outcome->choice !== $was->chosen->choice
                && $own->days[$outcome->choice->value] instanceof DayPlan) {
                yield [$this->adapt->among($order->choosing($outcome->choice), $outcomes), $outcome->choice];
            }
        }
        yield from $this->laterDinners($own, $order, $outcomes);
    }

    /**
     * @param non-empty-list<Outcome> $outcomes
     *
     * @return \Generator<array{AdaptedBraise, ProgramChoice}>
     */
    private function laterDinners(AdaptedBraise $own, BraiseOrder $order, array $outcomes): \Generator
    {
        $firsts = [];
        foreach ($outcomes as $outcome) {
            $clash = $own->days[$outcome->choice->value];
            $next = $order->serveAt->setTimestamp($order->serveAt->getTimestamp() + self::QUARTER);
            $from = $clash instanceof Clash ? $clash->serveFrom() : $next;
            if (null === $outcome->unsafe && null !== $from) {
                $worth = $outcome->choice === $own->chosen->choice ? 0 : self::WORTH_ANOTHER_SETTING;
                $firsts[] = [$from->getTimestamp() + $worth, $from, $outcome->choice];
            }
        }
        usort($firsts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($firsts as [, $first, $choice]) {
            for ($k = 0; $k < self::MOST_LATER; ++$k) {
                $serve = $first->setTimestamp($first->getTimestamp() + $k * self::QUARTER);
                $later = $this->adapt->among($order->choosing($choice)->servedAt($serve), $outcomes);
                if ($later->day() instanceof DayPlan) {
                    yield [$later, $choice];
                }
            }
        }
    }

    /**
     * @param array<string, \DateTimeImmutable> $pins
     * @param array<string, Placed>             $kept
     */
    private function anew(AdaptedBraise $braise, WholeDay $planned, array $pins, array $kept, \DateTimeImmutable $since): ?WholeDay
    {
        if (!$braise->day() instanceof DayPlan) {
            return null;
        }
        $sides = array_map(static fn (Side $s): Side => $s->without(array_keys($kept)), $planned->sides);
        $pins = array_filter($pins, static fn (\DateTimeImmutable $at): bool => $at >= $since);
        $whole = $this->days->plan($this->adapt->judged($braise), $sides, $pins, $planned->others);

        return true === $whole?->possible ? $whole->with(array_values($kept), $planned->sides) : null;
    }

    private static function later(\DateTimeImmutable $at, int $minutes): \DateTimeImmutable
    {
        return $at->setTimestamp($at->getTimestamp() + 60 * $minutes);
    }

    private static function up(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimestamp((int) ceil($at->getTimestamp() / self::STEP) * self::STEP);
    }
}
