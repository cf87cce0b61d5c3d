<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\DraftOrder;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\BraiseView;
use Pausis\App\Api\Wire\ProblemView;
use Pausis\App\Api\Wire\UnderstoodIngredient;
use Pausis\App\Api\Wire\UnderstoodStep;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\WholeDay;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Step;

/** Works out what follows from a draft. */
final readonly class BraisePresenter
{
    public function __construct(
        private DraftOrder $drafts,
        private AdaptBraise $adapt,
        private AdaptationPresenter $adaptations,
        private RecipePresenter $recipes,
        private Wording $wording,
        private House $house,
        private PlanDay $planDay,
        private Sides $sides,
    ) {
    }

    public function present(string $id, int $revision, BraiseDraft $draft, ?string $cookId): BraiseView
    {
        $measures = $this->house->measures();
        $understood = $this->drafts->understood($draft);
        $problems = new Problems();
        $adapted = $this->adapt($draft, $understood, $problems);
        $whole = null === $adapted ? null : $this->wholeDay($draft, $adapted);

        return new BraiseView(
            $id,
            $revision,
            $draft,
            array_map(fn (Ingredient $i): UnderstoodIngredient => $this->recipes->ingredient($i, $measures), $understood),
            array_map(fn (Problem $p): ProblemView => $this->wording->problem($p, $measures), $problems->all()),
            null === $adapted ? null : $this->adaptations->present($whole->braise ?? $adapted, $measures, $whole),
            array_map(fn (Step $s): UnderstoodStep => $this->recipes->step($s, $measures), $this->drafts->steps($draft, $understood)),
            $cookId,
        );
    }

    /** The braise and its sides in this house's kitchen; null where the braise has no plan. */
    public function wholeDay(BraiseDraft $draft, AdaptedBraise $adapted): ?WholeDay
    {
        $sides = array_values(array_filter(array_map($this->sides->find(...), array_unique($draft->sides))));
        foreach ($draft->ownSides as $k => $own) {
            $sides[] = Side::own("own$k", '' === trim($own->name) ? '…' : trim($own->name), $own->work, $own->cooking, 'ring' === $own->where, 'oven' === $own->where);
        }

        $pins = [];
        foreach ($draft->pins as $pin) {
            $at = DraftOrder::moment($pin->at, $this->house->record()->zone());
            if (null !== $at) {
                $pins[$pin->job] = $at;
            }
        }

        return $this->planDay->plan($adapted, $sides, $pins);
    }

    /** The adapted braise, or null with the problems collected. */
    public function adapted(BraiseDraft $draft, Problems $problems): ?AdaptedBraise
    {
        return $this->adapt($draft, $this->drafts->understood($draft), $problems);
    }

    /** @param list<Ingredient> $understood */
    private function adapt(BraiseDraft $draft, array $understood, Problems $problems): ?AdaptedBraise
    {
        $order = $this->drafts->order($draft, $understood, $this->house->record(), $this->house->now(), $problems);

        return null === $order ? null : $this->adapt->adapt($order);
    }
}
