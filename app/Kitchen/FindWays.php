<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\Change\InCooker;
use Pausis\Core\Adaptation\Explain\BraiseWays;
use Pausis\Core\Adaptation\Explain\DayWays;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Sides;

/** The ways out of a day that can't be, each taken as the cook would take it and planned before it is named. */
final readonly class FindWays
{
    public function __construct(
        private PlanBraise $plan, private AdaptBraise $adapt, private Sides $sides, private Cookers $cookers, private DraftPatch $patches,
        private Drafts $drafts,
    ) {
    }

    /** @return list<FoundWay> */
    public function of(string $id, WorkedBraise $worked): array
    {
        $braise = $worked->adapted;
        if (null === $braise || null !== $worked->whole && $worked->whole->possible) {
            return [];
        }
        $whole = $worked->whole;
        $case = $whole?->asCase();
        $ways = null === $case
            ? (new BraiseWays($this->adapt->evaluation))->out($braise, $this->otherCookers($worked))
            : (new DayWays($this->sides))->out($case);

        return array_values(array_filter(array_map(fn (WayOut $way): ?FoundWay => $this->taken($id, $worked, $way), $ways)));
    }

    /** Null where the draft with it has no plan after all. */
    public function taken(string $id, WorkedBraise $worked, WayOut $way): ?FoundWay
    {
        $braise = $worked->adapted;
        if (null === $braise) {
            return null;
        }
        if ([] === $way->changes) {
            return new FoundWay($way, [], $way->serve);
        }
        $patch = $this->patches->of($worked->draft, $braise->order, $way->changes);
        $changed = $this->plan->work($id, $this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($worked->draft), $patch)));
        $day = $changed->adapted?->day();

        return null !== $changed->adapted && $day instanceof DayPlan && null === $changed->adapted->forbidden()
            ? new FoundWay($way, $patch, $day->serve)
            : null;
    }

    /** @return list<InCooker> */
    private function otherCookers(WorkedBraise $worked): array
    {
        $others = array_filter($this->cookers->all(), static fn (CookerRecord $c): bool => $c->id !== $worked->draft->cookerId);

        return array_values(array_map(static fn (CookerRecord $c): InCooker => new InCooker($c->id, $c->name, $c->cooker()), $others));
    }
}
