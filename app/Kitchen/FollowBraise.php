<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Following\AfterOn;
use Pausis\Core\Following\BeforeOn;
use Pausis\Core\Following\FinishWay;
use Pausis\Core\Following\FinishWays;
use Pausis\Core\Following\State;
use Pausis\Core\Following\Tick;
use Pausis\Core\Following\Ticks;
use Pausis\Core\Following\Underway;
use Pausis\Core\Problem\Problems;

/** A stored braise as it is now, planned, begun, on or eaten: what every place shows of it. */
final readonly class FollowBraise
{
    public function __construct(
        private PlanBraise $plan, private BeforeOn $before, private AfterOn $after, private RunningPot $pots, private Cooks $cooks,
        private DraftDay $day, private House $house, private Drafts $drafts, private Faults $faults, private DraftOrder $orders,
    ) {
    }

    /** @param BraiseDraft|null $draft in place of the stored one */
    public function of(BraiseRecord $braise, ?BraiseDraft $draft = null): WorkedBraise
    {
        $cook = $this->cooks->running($braise);
        if (null !== $cook) {
            return $this->cooking($cook, $draft);
        }
        $draft ??= $this->drafts->fromArray($braise->draft);

        return $this->begun($braise, $draft) ?? $this->plan->work($braise->id, $draft);
    }

    /** A pot that is on, or was until it was closed. */
    public function cooking(CookRecord $cook, ?BraiseDraft $draft = null): WorkedBraise
    {
        $typed = DraftOrder::identified($draft ?? $this->drafts->fromArray($cook->braise->draft));
        $draft = DraftOrder::identified($this->pots->draft($cook, $draft));
        $understood = $this->orders->understood($typed);
        $problems = new Problems();
        $this->orders->order($typed, $understood, $this->house->record(), $cook->switchedOn->modify('-1 day'), $problems, $cook->cooker());
        $order = $this->pots->order($cook, $draft);
        $dish = $order->recipe->dish;
        $underway = $this->after->follow(
            $order, $this->pots->running($cook), $this->day->sides($draft, $dish), $this->day->pins($draft, $this->house->record()->zone()),
            array_values($this->plan->others($draft, $order->kitchen->people, $cook->braise->id)), self::ticks($cook->events, $cook),
            $this->house->now(),
        );

        return new WorkedBraise($typed, $understood, $problems, $underway->whole->braise, $underway->whole, [], $underway);
    }

    /**
     * The ways to close its sauce, each followed to the plate.
     *
     * @param float $left mL seen in the pot
     *
     * @return list<FinishWay>
     */
    public function finishes(CookRecord $cook, float $left, Thickness $wanted, Thickener $thickener): array
    {
        $draft = DraftOrder::identified($this->pots->draft($cook, $this->drafts->fromArray($cook->braise->draft)));
        $order = $this->pots->order($cook, $draft);

        return (new FinishWays($this->after))->of(
            $order, $this->pots->running($cook), $this->day->sides($draft, $order->recipe->dish),
            $this->day->pins($draft, $this->house->record()->zone()),
            array_values($this->plan->others($draft, $order->kitchen->people, $cook->braise->id)), self::ticks($cook->events, $cook),
            $this->house->now(), $left, $wanted, $thickener,
        );
    }

    /** Where the first of its jobs' time has come: the plan as it was before. */
    private function begun(BraiseRecord $braise, BraiseDraft $draft): ?WorkedBraise
    {
        $now = $this->house->now();
        $jobs = $braise->plan['jobs'] ?? null;
        $serve = $braise->plan['serve'] ?? null;
        if (!\is_array($jobs) || [] === $jobs || !\is_int($serve) || $now->getTimestamp() >= $serve
            || ([] === $braise->ticks && min(array_column($jobs, 'from')) > $now->getTimestamp())) {
            return null;
        }
        $anchor = ($braise->plannedAt ?? $braise->updatedAt)->setTimezone($now->getTimezone());
        $worked = $this->plan->work($braise->id, $draft, at: $anchor);
        if (true !== $worked->whole?->possible || !$worked->whole->braise->day() instanceof DayPlan
            || null !== $worked->braise()->forbidden()) {
            return null;
        }
        $underway = $this->faults->or(fn (): Underway => $this->before->follow(
            $worked->whole, $this->day->pins($draft, $this->house->record()->zone()), self::ticks($braise->ticks), $now,
        ), static fn (): null => null);

        return null === $underway || true === $underway->moved?->never || State::Planned === $underway->state
            ? null
            : $worked->following($underway);
    }

    /**
     * @param list<array<string, mixed>> $events
     * @param CookRecord|null            $cook   with what was ticked before it was on
     */
    public static function ticks(array $events, ?CookRecord $cook = null): Ticks
    {
        usort($events, static fn (array $a, array $b): int => ($a['made'] ?? 0) <=> ($b['made'] ?? 0));
        $said = [];
        foreach ([...($cook->braise->ticks ?? []), ...$events] as $event) {
            /** @var array{kind: string, value: string, at: string, settled?: array<int|string, string>} $event */
            $isTick = 'done' === $event['kind'] || 'not-yet' === $event['kind'];
            if ($isTick || isset($event['settled'])) {
                $said[] = new Tick(
                    $isTick ? $event['value'] : '', 'not-yet' !== $event['kind'], new \DateTimeImmutable($event['at']),
                    self::began($event['settled'] ?? []),
                );
            }
        }

        return new Ticks($said);
    }

    /**
     * @param array<int|string, string> $settled when it began, by job; of older records the jobs alone
     *
     * @return array<string, \DateTimeImmutable|null>
     */
    private static function began(array $settled): array
    {
        $began = [];
        foreach ($settled as $job => $at) {
            $began[\is_int($job) ? $at : $job] = \is_int($job) || '' === $at ? null : new \DateTimeImmutable($at);
        }

        return $began;
    }

    /** @return array<string, string> when they began, of jobs that count as done or under way, to be kept with what is recorded now */
    public function settled(BraiseRecord $braise): array
    {
        $cook = $this->cooks->lately($braise, $this->house->now());
        $underway = $this->faults->or(
            fn (): ?Underway => (null === $cook ? $this->of($braise) : $this->cooking($cook))->underway, static fn (): null => null,
        );

        return self::kept($underway);
    }

    /** @return array<string, string> */
    public static function kept(?Underway $underway): array
    {
        return array_map(
            static fn (?\DateTimeImmutable $at): string => null === $at ? '' : $at->format(\DATE_ATOM), $underway?->begun() ?? [],
        );
    }

    /** Whether a job is in its plan, done or not; what can't be worked out knows none and refuses none. */
    public function knows(BraiseRecord $braise, string $job): bool
    {
        $cook = $this->cooks->lately($braise, $this->house->now());
        $worked = $this->faults->or(fn (): WorkedBraise => null === $cook ? $this->of($braise) : $this->cooking($cook),
            static fn (): null => null);

        return null === $worked?->whole || isset($worked->underway->done[$job])
            || [] !== array_filter($worked->whole->placed, static fn (Placed $p): bool => $job === $p->job->id);
    }

    /** @return list<Placed> still to be done */
    public static function left(WorkedBraise $worked): array
    {
        return $worked->underway?->left() ?? $worked->whole->placed ?? [];
    }
}
