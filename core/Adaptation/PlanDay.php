<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Role;
use Pausis\Core\Tenderness\Doneness;

/** Places everything around the braise: what is done before, during and at the end, and its side dishes. */
final readonly class PlanDay
{
    /** Sides are begun no sooner than this before the meal, hours. */
    private const SIDES_HOURS = 8;
    private const MOST_LATER_MINUTES = 90;
    private const LATER_STEP = 15;
    private const MOST_WAYS = 4;
    private const MOST_HELPERS = 3;
    /** Enough to see whether a changed day can be done. */
    private const QUICK_STEPS = 4_000;
    private const EASY_SIDE = 'warm-loaf';
    private const ADD_MINUTES = 5;
    private const SOAK_MINUTES = 5;
    /** At a full boil, Safety/Rules. */
    private const BEAN_MINUTES = 30;
    private const LOAD_MINUTES = 5;
    private const EATING_MINUTES = 60;
    private const PORTION_MINUTES = 10;
    private const PORTION_BY_MINUTES = 105;
    private const NEEDS_RING = ['brown-meat', 'fry-base', 'boil-wine-down', 'reduce', 'slurry'];
    private const HANDS_OFF = ['boil-wine-down', 'reduce', 'sauce-waits'];
    private const MOST_SAUCE_WAITS = 25;

    public function __construct(private Sides $sides)
    {
    }

    /**
     * Null where the braise itself has no plan.
     *
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins  when some of their jobs are to begin, by id
     */
    public function plan(AdaptedBraise $braise, array $sides, Kitchen $kitchen, array $pins = []): ?WholeDay
    {
        $day = $braise->chosen->day;
        if (!$day instanceof DayPlan) {
            return null;
        }
        $own = $this->own($braise, $day);
        $schedule = $this->schedule($sides, $kitchen, $braise->order, $day->serve, $own, null, $pins, Scheduler::MOST_STEPS);
        $placed = [...$own, ...($schedule->placed ?? [])];
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);
        $caught = $this->caught($braise, $day);
        if (null !== $schedule) {
            return new WholeDay($placed, $schedule->optimal, [], [], $caught);
        }

        if ([] !== $pins && null !== $this->schedule($sides, $kitchen, $braise->order, $day->serve, $own)) {
            return new WholeDay($placed, true, ['pins'], [new WayOut('unpin', '')], $caught);
        }

        return new WholeDay($placed, true, $this->clashing($sides, $kitchen, $braise->order, $day->serve, $own), $this->waysOut($sides, $kitchen, $braise, $day->serve, $own), $caught);
    }

    /**
     * Everything that goes with it is ready when plating begins.
     *
     * @param list<Side>                        $sides
     * @param list<Placed>                      $own
     * @param array<string, \DateTimeImmutable> $pins
     */
    private function schedule(array $sides, Kitchen $kitchen, BraiseOrder $order, \DateTimeImmutable $serve, array $own, ?Presence $presence = null, array $pins = [], int $mostSteps = self::QUICK_STEPS): ?Schedule
    {
        $from = max($order->now, $serve->modify('-'.self::SIDES_HOURS.' hours'));
        $plating = $serve;
        foreach ($own as $placed) {
            $plating = 'plate' === $placed->job->code ? $placed->from : $plating;
        }

        return (new Scheduler($kitchen, $presence ?? $order->presence, $from, $plating, $own))->schedule(
            array_map(static fn (Job $j): Job => $j->pinnedAt($pins[$j->id] ?? null), array_merge(...array_map(static fn (Side $s): array => $s->jobs($order->serves), $sides))),
            $mostSteps,
        );
    }

    /** @return list<Placed> what the braise itself takes */
    private function own(AdaptedBraise $braise, DayPlan $day): array
    {
        return [
            ...$this->theNightBefore($braise->order, $day),
            ...self::chain($braise->chosen->before, $day->switchOn),
            ...self::chain($braise->chosen->finish, $day->serve),
            ...$this->during($braise, $day),
            ...$this->afterwards($braise->order, $day),
        ];
    }

    /** @return list<Placed> what is done the evening before, and what dried beans take */
    private function theNightBefore(BraiseOrder $order, DayPlan $day): array
    {
        $placed = [];
        $grams = 0.0;
        foreach ($order->potIngredients() as $i) {
            $grams += \in_array($i->role, [Role::Vegetable, Role::Fruit], true) ? (float) $i->grams : 0.0;
            if (true === $i->food?->phaseolus) {
                $placed[] = $this->inTheEvening($order, $day, new Job('night-soak', 'soak-beans', ['food' => $i->foodText], self::SOAK_MINUTES, true));
                $done = $day->switchOn->modify('-'.self::LOAD_MINUTES.' minutes');
                $placed[] = new Placed(new Job('boil-beans', 'boil-beans', ['food' => $i->foodText], self::BEAN_MINUTES, false, 1), $done->modify('-'.self::BEAN_MINUTES.' minutes'), $done);
            }
        }
        if ($order->handling->cutsTheNightBefore && $grams > 0) {
            $term = HandsOn::cutting($grams);
            $placed[] = $this->inTheEvening($order, $day, new Job('night-cut', 'cut-vegetables', $term->from, max(5, (int) round($term->value)), true));
        }

        return array_values(array_filter($placed));
    }

    /** As late in the evening before as somebody is up and there; null where nobody is. */
    private function inTheEvening(BraiseOrder $order, DayPlan $day, Job $job): ?Placed
    {
        $midnight = $day->switchOn->modify('midnight');
        for ($to = $midnight->modify('-15 minutes'); $to > max($order->now, $midnight->modify('-9 hours')); $to = $to->modify('-15 minutes')) {
            $from = $to->modify("-$job->minutes minutes");
            if ($from >= $order->now && $order->presence->isFree($from, $to)) {
                return new Placed($job, $from, $to);
            }
        }

        return null;
    }

    /** @return list<Placed> leftovers put away within the two hours that are safe */
    private function afterwards(BraiseOrder $order, DayPlan $day): array
    {
        $from = $order->presence->firstFree($day->serve->modify('+'.self::EATING_MINUTES.' minutes'), self::PORTION_MINUTES, $day->serve->modify('+'.self::PORTION_BY_MINUTES.' minutes'));

        return null === $from ? [] : [new Placed(new Job('portion', 'portion', [], self::PORTION_MINUTES, true), $from, $from->modify('+'.self::PORTION_MINUTES.' minutes'))];
    }

    /** @return list<Placed> one after the other, the last done at a moment */
    private static function chain(Sum $work, \DateTimeImmutable $done): array
    {
        $placed = [];
        foreach (array_reverse($work->terms) as $term) {
            $minutes = (int) round($term->value);
            if ($minutes < 1) {
                continue;
            }
            $from = $done->modify("-$minutes minutes");
            $placed[] = new Placed(new Job($term->code, $term->code, $term->from, $minutes, !\in_array($term->code, self::HANDS_OFF, true), \in_array($term->code, self::NEEDS_RING, true) ? 1 : 0), $from, $done);
            $done = $from;
        }

        return array_reverse($placed);
    }

    /** @return list<Placed> */
    private function during(AdaptedBraise $braise, DayPlan $day): array
    {
        $placed = [];
        foreach ($day->tasks as $k => $task) {
            if (TaskKind::ForkTest === $task->kind) {
                $placed[] = new Placed(new Job("fork-$k", 'fork-test', [], $task->minutes, true), $task->at, $task->end());
            }
        }
        foreach ($this->late($braise, $day) as $food => $at) {
            if ($braise->order->presence->isFree($at, $at->modify('+'.self::ADD_MINUTES.' minutes'))) {
                $placed[] = new Placed(new Job("add-$food", 'add-food', ['food' => $food], self::ADD_MINUTES, true), $at, $at->modify('+'.self::ADD_MINUTES.' minutes'));
            }
        }

        return $placed;
    }

    /** @return array<string, \DateTimeImmutable> when each thing that goes in late is to go in */
    private function late(AdaptedBraise $braise, DayPlan $day): array
    {
        $late = [];
        $sauce = $day->at(TaskKind::Sauce) ?? new Task(TaskKind::Sauce, $day->serve, 0);
        foreach ($braise->ledger as $entry) {
            $food = (string) ($entry->variables['food'] ?? '');
            if (!$entry->refused && 'add-late' === $entry->code) {
                $late[$food] = self::down($sauce->at->modify('-'.(int) $entry->variables['minutes'].' minutes'));
            } elseif (!$entry->refused && 'add-at' === $entry->code) {
                $late[$food] = self::down($day->switchOn->modify('+'.(int) round(60 * (float) $entry->variables['afterHours']).' minutes'));
            }
        }

        return $late;
    }

    /** @return list<array{food: string, at: \DateTimeImmutable, minutes: float}> */
    private function caught(AdaptedBraise $braise, DayPlan $day): array
    {
        $caught = [];
        foreach ($this->late($braise, $day) as $food => $at) {
            if (!$braise->order->presence->isFree($at, $at->modify('+'.self::ADD_MINUTES.' minutes'))) {
                $caught[] = ['food' => $food, 'at' => $at, 'minutes' => (float) self::ADD_MINUTES];
            }
        }

        return $caught;
    }

    /**
     * The wishes without any of which it would work, one by one left out as long as it stays impossible.
     *
     * @param list<Side>   $sides
     * @param list<Placed> $own
     *
     * @return list<string>
     */
    private function clashing(array $sides, Kitchen $kitchen, BraiseOrder $order, \DateTimeImmutable $serve, array $own): array
    {
        $kept = $sides;
        foreach ($sides as $side) {
            $without = array_values(array_filter($kept, static fn (Side $s): bool => $s !== $side));
            if (null === $this->schedule($without, $kitchen, $order, $serve, $own)) {
                $kept = $without;
            }
        }
        $wishes = array_map(static fn (Side $s): string => "side:$s->id", $kept);
        if (null !== $this->schedule($kept, $kitchen, $order, $serve, $own, $order->presence->always())) {
            $wishes[] = 'away';
        }
        if (null !== $this->schedule($kept, new Kitchen($kitchen->persons + self::MOST_HELPERS, $kitchen->rings, $kitchen->ovens), $order, $serve, $own)) {
            $wishes[] = 'hands';
        } elseif (null !== $this->schedule($kept, new Kitchen($kitchen->persons, $kitchen->rings + 4, $kitchen->ovens + 2), $order, $serve, $own)) {
            $wishes[] = 'stove';
        }

        return $wishes;
    }

    /**
     * @param list<Side>   $sides
     * @param list<Placed> $own
     *
     * @return list<WayOut>
     */
    private function waysOut(array $sides, Kitchen $kitchen, AdaptedBraise $braise, \DateTimeImmutable $serve, array $own): array
    {
        $order = $braise->order;
        $ways = $this->sauceSooner($sides, $kitchen, $braise);
        for ($more = 1; $more <= self::MOST_HELPERS; ++$more) {
            if (null !== $this->schedule($sides, new Kitchen($kitchen->persons + $more, $kitchen->rings, $kitchen->ovens), $order, $serve, $own)) {
                $ways[] = new WayOut('more-hands', (string) $more);
                break;
            }
        }
        for ($minutes = self::LATER_STEP; $minutes <= self::MOST_LATER_MINUTES; $minutes += self::LATER_STEP) {
            $later = array_map(static fn (Placed $p): Placed => new Placed($p->job, $p->from->modify("+$minutes minutes"), $p->to->modify("+$minutes minutes")), $own);
            if (null !== $this->schedule($sides, $kitchen, $order, $serve->modify("+$minutes minutes"), $later)) {
                $ways[] = new WayOut('serve-later', (string) $minutes);
                break;
            }
        }
        $easy = $this->sides->find(self::EASY_SIDE);
        foreach ($sides as $side) {
            $others = array_values(array_filter($sides, static fn (Side $s): bool => $s !== $side));
            if (null !== $easy && !\in_array($easy, $sides, true) && null !== $this->schedule([...$others, $easy], $kitchen, $order, $serve, $own)) {
                $ways[] = new WayOut('instead-side', $side->id);
            } elseif (null !== $this->schedule($others, $kitchen, $order, $serve, $own)) {
                $ways[] = new WayOut('without-side', $side->id);
            }
        }

        if ([] === array_filter($ways, static fn (WayOut $w): bool => str_contains($w->code, 'side'))) {
            $ways[] = $this->withoutSome($sides, $kitchen, $order, $serve, $own);
        }

        return \array_slice(array_values(array_filter($ways)), 0, self::MOST_WAYS);
    }

    /**
     * As few sides left out as one clash after the other asks for.
     *
     * @param list<Side>   $sides
     * @param list<Placed> $own
     */
    private function withoutSome(array $sides, Kitchen $kitchen, BraiseOrder $order, \DateTimeImmutable $serve, array $own): ?WayOut
    {
        $left = $sides;
        $out = [];
        while (null === $this->schedule($left, $kitchen, $order, $serve, $own)) {
            $clash = array_values(array_filter($this->clashing($left, $kitchen, $order, $serve, $own), static fn (string $w): bool => str_starts_with($w, 'side:')));
            if ([] === $clash) {
                return null;
            }
            $id = substr($clash[0], \strlen('side:'));
            $out[] = $id;
            $left = array_values(array_filter($left, static fn (Side $s): bool => $s->id !== $id));
        }

        return new WayOut('without-sides', implode(',', $out));
    }

    /**
     * The sauce begun sooner, and the pot switched on sooner for it, so that hands are free at the end.
     *
     * @param list<Side> $sides
     *
     * @return list<WayOut>
     */
    private function sauceSooner(array $sides, Kitchen $kitchen, AdaptedBraise $braise): array
    {
        $order = $braise->order;
        $chosen = $braise->chosen;
        for ($minutes = Scheduler::STEP_MINUTES; $minutes <= self::MOST_SAUCE_WAITS; $minutes += Scheduler::STEP_MINUTES) {
            $finish = self::waiting($chosen->finish, $minutes);
            $day = (new BackwardPlan($order->now, $order->serveAt, $order->presence, $chosen->before->total, $finish->total))
                ->solve($chosen->choice->program($order->cooker), $chosen->windows[$order->texture->value], $chosen->windows[Doneness::Past->value], $order->handling->switchOn);
            if (!$day instanceof DayPlan) {
                return [];
            }
            $own = [...$this->theNightBefore($order, $day), ...self::chain($chosen->before, $day->switchOn), ...self::chain($finish, $day->serve), ...$this->during($braise, $day)];
            if (null !== $this->schedule($sides, $kitchen, $order, $day->serve, $own)) {
                return [new WayOut('sauce-sooner', (string) ($order->handling->sauceWaits + $minutes))];
            }
        }

        return [];
    }

    /** The work at the end, with the sauce standing so many minutes more before plating. */
    private static function waiting(Sum $finish, int $minutes): Sum
    {
        $terms = $finish->terms;
        $plate = array_pop($terms);

        return new Sum($finish->code, $finish->unit, array_values(array_filter([...$terms, new Term('sauce-waits', (float) $minutes), $plate])));
    }

    private static function down(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimestamp(intdiv($at->getTimestamp(), 300) * 300);
    }
}
