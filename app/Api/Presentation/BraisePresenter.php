<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Adaptation;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\BraiseView;
use Pausis\App\Api\Wire\ProblemView;
use Pausis\App\Api\Wire\UnderstoodIngredient;
use Pausis\App\Api\Wire\UnderstoodStep;
use Pausis\App\Kitchen\DraftOrder;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\Faults;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\StaleRevision;
use Pausis\App\Store\StoredPlan;
use Pausis\App\Wording\Wording;
use Pausis\Core\Day\Placed;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Part;
use Pausis\Core\Recipe\Step;

/** A worked braise in words. */
final readonly class BraisePresenter
{
    /** What follows the meal. */
    private const EVENING_HOURS = 3;

    public function __construct(
        private PlanBraise $plan,
        private DraftOrder $drafts,
        private AdaptationPresenter $adaptations,
        private RecipePresenter $recipes,
        private Wording $wording,
        private House $house,
        private DayPresenter $days,
        private Braises $braises,
        private Faults $faults,
        private Drafts $normal,
    ) {
    }

    /** A draft worked out as it is, stored or not. */
    public function present(string $id, BraiseDraft $draft): BraiseView
    {
        return $this->view($id, 0, $this->plan->work($id, $draft), null);
    }

    public function view(string $id, int $revision, WorkedBraise $worked, ?string $cookId): BraiseView
    {
        $measures = $this->house->measures();
        $failed = new Problems();
        $adaptation = null === $worked->adapted ? null : $this->faults->or(
            fn (): Adaptation => $this->adaptations->present($worked, $measures),
            static function () use ($failed): null {
                $failed->add('not-worked-out', '');

                return null;
            },
        );

        return new BraiseView(
            $id,
            $revision,
            $worked->draft,
            array_map(fn (Ingredient $i): UnderstoodIngredient => $this->recipes->ingredient($i, $measures), $worked->understood),
            array_map(
                fn (Problem $p): ProblemView => $this->wording->problem($p, $measures), [...$worked->problems->all(), ...$failed->all()],
            ),
            $adaptation,
            $this->faults->or(fn (): array => array_map(
                fn (Step $s): UnderstoodStep => $this->recipes->step($s, $measures, self::acts($worked)),
                $this->drafts->steps($worked->draft, $worked->understood),
            ), static fn (): array => []),
            $cookId,
        );
    }

    /** @return list<Act> of all parts */
    private static function acts(WorkedBraise $worked): array
    {
        return array_merge([], ...array_map(static fn (Part $p): array => $p->acts, $worked->adapted->order->recipe->dish->parts ?? []));
    }

    /** Keeps in the record what a list of braises, and other braises of the day, need to know of it. */
    public function note(BraiseRecord $record, WorkedBraise $worked, BraiseView $view): void
    {
        $measures = $this->house->measures();
        $record->headline = $view->adaptation->verdict ?? '';
        $record->plannedAt = null === $worked->underway ? $this->house->now() : $record->plannedAt;
        $over = \is_int($record->plan['serve'] ?? null) && $record->plan['serve'] <= $this->house->now()->getTimestamp();
        // What was done for a dinner that is over is not done for the next one.
        $record->ticks = $over && null === $worked->underway ? [] : $record->ticks;
        $record->plan = StoredPlan::of(
            $worked->whole, $worked->draft->cookerId, fn (Placed $p): string => $this->days->text($p, $measures),
        );
        $record->planUntil = null === $record->plan ? null : $worked->adapted?->order->serveAt->modify('+'.self::EVENING_HOURS.' hours');
    }

    /**
     * Keeps what was typed of a braise, with the day that it comes to.
     *
     * @throws StaleRevision where somebody has changed it since that revision
     */
    public function keep(
        BraiseRecord $braise, int $revision, BraiseDraft $draft, WorkedBraise $worked, BraiseView $view, string $title,
    ): void {
        $this->braises->change($braise, $revision, function (BraiseRecord $braise) use ($draft, $worked, $view, $title): void {
            $braise->draft = $this->normal->toArray($draft);
            $braise->title = $title;
            $this->note($braise, $worked, $view);
            $this->noteMoved($worked);
            $braise->updatedAt = $this->house->now();
        });
    }

    /** Other braises whose work is placed anew with this one, as their days are now. */
    public function noteMoved(WorkedBraise $worked): void
    {
        $measures = $this->house->measures();
        foreach ($worked->whole->moved ?? [] as $id => $moved) {
            $other = $this->braises->find($id);
            $cooker = $other->plan['cookerId'] ?? '';
            $plan = StoredPlan::of($moved, \is_string($cooker) ? $cooker : '', fn (Placed $p): string => $this->days->text($p, $measures));
            if (null !== $other && null !== $plan) {
                $this->braises->replan($other, $plan, $this->adaptations->verdict($moved->braise, $measures));
            }
        }
    }
}
