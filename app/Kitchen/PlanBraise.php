<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\StoredPlan;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Explain\DayWays;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\Schedule\Companion;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Sides;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;

/** Works out what follows from a draft: the adapted braise and its day. */
final readonly class PlanBraise
{
    /** Work that every braise took once. */
    private const OF_OLD = [
        'cut-vegetables', 'dry-meat', 'brown-meat', 'fry-base', 'boil-wine-down', 'lift-out', 'strain-and-skim', 'reduce', 'shred-meat',
        'slurry',
    ];

    public function __construct(
        private DraftOrder $drafts,
        private AdaptBraise $adapt,
        private PlanDay $planDay,
        private DraftDay $day,
        private House $house,
        private Braises $braises,
        private Sides $sides,
        private Cooks $cooks,
        private Drafts $stored,
        private Faults $faults,
    ) {
    }

    /**
     * @param string                  $id     of the braise that is not counted among the others of its day; empty for a new one
     * @param Cooker|null             $cooker in place of the one that the draft names
     * @param Dish|null               $dish   in place of what the draft's sentences tell
     * @param \DateTimeImmutable|null $at     looked at from then; null for now
     */
    public function work(
        string $id, BraiseDraft $draft, ?Cooker $cooker = null, ?Dish $dish = null, ?\DateTimeImmutable $at = null,
    ): WorkedBraise {
        $draft = DraftOrder::identified($draft);

        return $this->faults->or(
            fn (): WorkedBraise => $this->worked($id, $draft, $cooker, $dish, $at ?? $this->house->now()),
            fn (): WorkedBraise => $this->unworked($draft),
        );
    }

    /** What was typed, where it can't be worked out through a fault of ours. */
    private function unworked(BraiseDraft $draft): WorkedBraise
    {
        $problems = new Problems();
        $problems->add('not-worked-out', '');

        return new WorkedBraise(
            $draft, $this->faults->or(fn (): array => $this->drafts->understood($draft), static fn (): array => []), $problems, null, null,
        );
    }

    private function worked(string $id, BraiseDraft $draft, ?Cooker $cooker, ?Dish $dish, \DateTimeImmutable $at): WorkedBraise
    {
        $understood = $this->drafts->understood($draft);
        $problems = new Problems();
        $adapted = $this->adapt($draft, $understood, $problems, $cooker, $dish, $at);
        $whole = null === $adapted ? null : $this->wholeDay($draft, $adapted, $id);

        $this->sayWithoutWork($draft, $whole, $problems);
        $worked = new WorkedBraise($draft, $understood, $problems, $whole->braise ?? $adapted, $whole);

        $case = null === $whole || $whole->possible ? null : $whole->asCase();

        return null === $case
            ? $worked
            : new WorkedBraise($draft, $understood, $problems, $whole->braise, $whole, (new DayWays($this->sides))->clashing($case));
    }

    /** Times that were set for work of the braise's own that it doesn't take any more. */
    private function sayWithoutWork(BraiseDraft $draft, ?WholeDay $whole, Problems $problems): void
    {
        $ids = array_map(static fn (Placed $p): string => $p->job->id, $whole->placed ?? []);
        foreach (true === $whole?->possible && [] === $whole->caught ? $draft->pins : [] as $k => $pin) {
            if (\in_array($pin->job, self::OF_OLD, true) && !\in_array($pin->job, $ids, true)) {
                $problems->add('pin-without-work', "pins.$k", ['job' => $pin->job]);
            }
        }
    }

    /** The braise and its sides in this house's kitchen, beside the other braises there; null where the braise has no plan. */
    private function wholeDay(BraiseDraft $draft, AdaptedBraise $adapted, string $id): ?WholeDay
    {
        $pots = $this->others($draft, $adapted->order->kitchen->people, $id);

        return $this->planDay->plan(
            $adapted, $this->day->sides($draft, $adapted->order->recipe->dish), $this->day->pins($draft, $this->house->record()->zone()),
            array_values($pots), fn (): array => $this->companions($pots),
        );
    }

    /** @return array<string, OtherPot> by id of the braise */
    public function others(BraiseDraft $draft, People $people, string $id): array
    {
        $pots = [];
        foreach ($this->braises->otherPlans($id, $this->house->now()) as ['id' => $other, 'title' => $title, 'plan' => $plan]) {
            $pots[$other] = StoredPlan::pot(
                $other, $title, $plan, $draft->cookerId, $people, $this->house->record()->zone(),
            );
        }

        return $pots;
    }

    /**
     * Those that are not on yet.
     *
     * @param array<string, OtherPot> $pots
     *
     * @return list<Companion>
     */
    private function companions(array $pots): array
    {
        $companions = [];
        foreach ($pots as $id => $pot) {
            $braise = $this->braises->find($id);
            if (null === $braise || null !== $this->cooks->running($braise)) {
                continue;
            }
            $draft = DraftOrder::identified($this->stored->fromArray($braise->draft));
            $adapted = $this->adapt($draft, $this->drafts->understood($draft), new Problems(), null, null, $this->house->now());
            if (null !== $adapted) {
                $companions[] = new Companion(
                    $id, $pot, $adapted, $this->day->sides($draft, $adapted->order->recipe->dish),
                    $this->day->pins($draft, $this->house->record()->zone()),
                );
            }
        }

        return $companions;
    }

    /** @param list<Ingredient> $understood */
    private function adapt(BraiseDraft $draft, array $understood, Problems $problems, ?Cooker $cooker, ?Dish $dish,
        \DateTimeImmutable $at): ?AdaptedBraise
    {
        $order = $this->drafts->order($draft, $understood, $this->house->record(), $at, $problems, $cooker);

        return null === $order ? null : $this->adapt->adapt(null === $dish ? $order : $order->cookingDish($dish));
    }
}
