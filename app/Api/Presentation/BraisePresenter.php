<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\DraftDay;
use Pausis\App\Api\DraftOrder;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\BraiseView;
use Pausis\App\Api\Wire\ProblemView;
use Pausis\App\Api\Wire\UnderstoodIngredient;
use Pausis\App\Api\Wire\UnderstoodStep;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\StoredPlan;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\PlanDay;
use Pausis\Core\Adaptation\WholeDay;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Step;

/** Works out what follows from a draft. */
final readonly class BraisePresenter
{
    /** What follows the meal. */
    private const EVENING_HOURS = 3;

    public function __construct(
        private DraftOrder $drafts,
        private AdaptBraise $adapt,
        private AdaptationPresenter $adaptations,
        private RecipePresenter $recipes,
        private Wording $wording,
        private House $house,
        private PlanDay $planDay,
        private DraftDay $day,
        private Braises $braises,
        private DayPresenter $days,
    ) {
    }

    public function present(string $id, int $revision, BraiseDraft $draft, ?CookRecord $cook): BraiseView
    {
        return $this->view($id, $revision, $this->work($id, $draft, $cook), $cook?->id);
    }

    /**
     * @param string          $id     of the braise that is not counted among the others of its day; empty for a new one
     * @param CookRecord|null $cook   of it that is running: the day stands as it was switched on
     * @param Cooker|null     $cooker in place of the one that the draft names
     */
    public function work(string $id, BraiseDraft $draft, ?CookRecord $cook = null, ?Cooker $cooker = null): WorkedBraise
    {
        $draft = DraftOrder::identified($draft);
        $understood = $this->drafts->understood($draft);
        $problems = new Problems();
        $adapted = null === $cook ? $this->adapt($draft, $understood, $problems, $cooker) : $this->begun($draft, $understood, $problems, $cook);
        $whole = null === $adapted ? null : $this->wholeDay($draft, $adapted, $id);

        return new WorkedBraise($draft, $understood, $problems, $whole->braise ?? $adapted, $whole);
    }

    public function view(string $id, int $revision, WorkedBraise $worked, ?string $cookId): BraiseView
    {
        $measures = $this->house->measures();

        return new BraiseView(
            $id,
            $revision,
            $worked->draft,
            array_map(fn (Ingredient $i): UnderstoodIngredient => $this->recipes->ingredient($i, $measures), $worked->understood),
            array_map(fn (Problem $p): ProblemView => $this->wording->problem($p, $measures), $worked->problems->all()),
            null === $worked->adapted ? null : $this->adaptations->present($worked->adapted, $measures, $worked->whole),
            array_map(fn (Step $s): UnderstoodStep => $this->recipes->step($s, $measures), $this->drafts->steps($worked->draft, $worked->understood)),
            $cookId,
        );
    }

    /** Keeps in the record what a list of braises, and other braises of the day, need to know of it. */
    public function note(BraiseRecord $record, WorkedBraise $worked, BraiseView $view): void
    {
        $measures = $this->house->measures();
        $record->headline = $view->adaptation->verdict ?? '';
        $record->plan = StoredPlan::of($worked->whole, $worked->draft->cookerId, fn (Placed $p): string => $this->days->text($p, $measures));
        $record->planUntil = null === $record->plan ? null : $worked->adapted?->order->serveAt->modify('+'.self::EVENING_HOURS.' hours');
    }

    /** The braise and its sides in this house's kitchen, beside the other braises there; null where the braise has no plan. */
    private function wholeDay(BraiseDraft $draft, AdaptedBraise $adapted, string $id): ?WholeDay
    {
        return $this->planDay->plan($adapted, $this->day->sides($draft), $this->day->pins($draft, $this->house->record()->zone()), $this->others($draft, $adapted, $id));
    }

    /** @return list<OtherPot> */
    private function others(BraiseDraft $draft, AdaptedBraise $adapted, string $id): array
    {
        $pots = [];
        foreach ($this->braises->otherPlans($id, $this->house->now()) as ['id' => $other, 'title' => $title, 'plan' => $plan]) {
            $pots[] = StoredPlan::pot($other, $title, $plan, $draft->cookerId, $adapted->order->kitchen->people, $this->house->record()->zone());
        }

        return $pots;
    }

    /**
     * As switched on.
     *
     * @param list<Ingredient> $understood
     */
    private function begun(BraiseDraft $draft, array $understood, Problems $problems, CookRecord $cook): ?AdaptedBraise
    {
        $order = $this->drafts->order($draft, $understood, $this->house->record(), $cook->switchedOn->setTimezone($this->house->record()->zone())->modify('-1 day'), $problems, $cook->cooker());

        return null === $order ? null : $this->adapt->adapt($order->handled($order->handling->startedAt($cook->switchedOn->setTimezone($this->house->record()->zone()), true)));
    }

    /** @param list<Ingredient> $understood */
    private function adapt(BraiseDraft $draft, array $understood, Problems $problems, ?Cooker $cooker = null): ?AdaptedBraise
    {
        $order = $this->drafts->order($draft, $understood, $this->house->record(), $this->house->now(), $problems, $cooker);

        return null === $order ? null : $this->adapt->adapt($order);
    }
}
