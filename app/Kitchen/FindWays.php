<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Change\Change;
use Pausis\Core\Adaptation\Change\InCooker;
use Pausis\Core\Adaptation\Explain\BraiseWays;
use Pausis\Core\Adaptation\Explain\DayWays;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Sides;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Severity;

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
        if (null === $braise || true === $worked->whole?->possible && null === $braise->forbidden()) {
            return [];
        }
        $case = null === $braise->forbidden() ? $worked->whole?->asCase() : null;
        $ways = null === $case
            ? (new BraiseWays($this->adapt->evaluation))->out($braise, $this->otherCookers($worked))
            : (new DayWays($this->sides))->out($case);

        return array_values(array_filter(array_map(fn (WayOut $way): ?FoundWay => $this->taken($id, $worked, $way), $ways)));
    }

    /**
     * What takes worries away, of those that something may be done about: taken as the cook would take it, planned, and the worry gone.
     *
     * @return array<string, FoundWay> by rule
     */
    public function helps(string $id, WorkedBraise $worked): array
    {
        $braise = $worked->adapted;
        $helps = [];
        foreach ($braise->findings ?? [] as $finding) {
            $way = Severity::Note === $finding->severity ? null : $braise->remedies[$finding->rule] ?? null;
            $found = null === $way ? null : $this->taken($id, $worked, $way, $finding->rule);
            if (null !== $found) {
                $helps[$finding->rule] = $found;
            }
        }

        return $helps;
    }

    /**
     * Null where the draft with it has no plan after all, not even with what the kitchen needs besides.
     *
     * @param string $cures a rule that mustn't worry any more
     */
    private function taken(string $id, WorkedBraise $worked, WayOut $way, string $cures = ''): ?FoundWay
    {
        if ([] === $way->changes) {
            return new FoundWay($way, [], $way->serve);
        }
        [$patch, $changed] = $this->changed($id, $worked->draft, $worked->braise()->order, $way->changes);
        if (null === $changed->adapted || null !== $changed->adapted->forbidden() || !$changed->adapted->day() instanceof DayPlan) {
            return null;
        }
        if (\in_array($cures, array_map(
            static fn (Finding $f): string => Severity::Note === $f->severity ? '' : $f->rule, '' === $cures
                ? [] : $changed->adapted->findings,
        ), true)) {
            return null;
        }
        if (true === $changed->whole?->possible) {
            return new FoundWay($way, $patch, $changed->braise()->order->serveAt);
        }
        $case = $changed->whole?->asCase();
        foreach (null === $case ? [] : (new DayWays($this->sides))->out($case) as $also) {
            [$more, $both] = $this->changed($id, $changed->draft, $changed->adapted->order, $also->changes);
            if ([] !== $also->changes && true === $both->whole?->possible && null === $both->braise()->forbidden()) {
                return new FoundWay($way, DraftPatch::applied($patch, $more), $both->braise()->order->serveAt, $also);
            }
        }

        return null;
    }

    /**
     * @param list<Change> $changes
     *
     * @return array{array<string, mixed>, WorkedBraise} patch of the draft, and what follows from it
     */
    private function changed(string $id, BraiseDraft $draft, BraiseOrder $order, array $changes): array
    {
        $patch = $this->patches->of($draft, $order, $changes);

        return [$patch, $this->plan->work($id, $this->drafts->fromArray(DraftPatch::applied($this->drafts->toArray($draft), $patch)))];
    }

    /** @return list<InCooker> */
    private function otherCookers(WorkedBraise $worked): array
    {
        $others = array_filter($this->cookers->all(), static fn (CookerRecord $c): bool => $c->id !== $worked->draft->cookerId);

        return array_values(array_map(static fn (CookerRecord $c): InCooker => new InCooker($c->id, $c->name, $c->cooker()), $others));
    }
}
