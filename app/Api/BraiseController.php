<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\ComparisonPresenter;
use Pausis\App\Api\Presentation\WayPresenter;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\BraiseSummary;
use Pausis\App\Api\Wire\BraiseView;
use Pausis\App\Api\Wire\CompareBraise;
use Pausis\App\Api\Wire\ComparedView;
use Pausis\App\Api\Wire\HelpView;
use Pausis\App\Api\Wire\SaveBraise;
use Pausis\App\Api\Wire\ScaleBraise;
use Pausis\App\Api\Wire\ScaledView;
use Pausis\App\Api\Wire\TickDraft;
use Pausis\App\Api\Wire\WaysView;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Exchange\BraiseCalendar;
use Pausis\App\Kitchen\CookAgain;
use Pausis\App\Kitchen\DraftOrder;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\Faults;
use Pausis\App\Kitchen\FindWays;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\FoundWay;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\LocalTimes;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Kitchen\ScaleDraft;
use Pausis\App\Kitchen\TickJobs;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\Freshness;
use Pausis\App\Wording\Wording;
use Pausis\Core\Problem\Problems;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/braises')]
final class BraiseController extends ApiController
{
    /** Working out one takes a tenth of a second. */
    private const MOST_SUBSCRIBED = 20;

    public function __construct(
        private readonly Braises $braises,
        private readonly Cooks $cooks,
        private readonly Drafts $drafts,
        private readonly BraisePresenter $presenter,
        private readonly PlanBraise $plan,
        private readonly FollowBraise $follow,
        private readonly House $house,
        private readonly Wording $wording,
        private readonly Faults $faults,
        private readonly LocalTimes $times,
    ) {
    }

    #[Route('', methods: ['GET'])]
    public function all(): JsonResponse
    {
        $cooks = $this->cooks->newestByBraise();

        return $this->answer(array_map(function (BraiseRecord $braise) use ($cooks): BraiseSummary {
            $cook = $cooks[$braise->id] ?? null;
            $state = match (true) {
                null !== $cook && null === $cook->closedAt => 'cooking',
                null !== $cook && !CookAgain::isPlannedAnew($cook, $this->serve($braise)) => 'cooked',
                $this->isPast($braise) => 'past',
                default => 'planned',
            };

            return new BraiseSummary(
                $braise->id, $braise->title, $this->headline($braise, $cook, $state), $this->serveText($braise), $state,
                null !== $cook && 'cooking' === $state ? $cook->id : null, $braise->revision);
        }, $this->braises->all()));
    }

    #[Route('', methods: ['POST'])]
    public function create(#[MapRequestPayload] BraiseDraft $draft): JsonResponse
    {
        $braise = new BraiseRecord($this->title($draft), $this->drafts->toArray($draft), $this->house->now());
        $worked = $this->plan->work($braise->id, $draft);
        $view = $this->presenter->view($braise->id, 1, $worked, null);
        $this->presenter->note($braise, $worked, $view);
        $this->presenter->noteMoved($worked);
        $this->braises->add($braise);

        return $this->answer($view, 201);
    }

    /** Works a draft out without storing it; $of is the braise whose change it would be. */
    #[Route('/preview', methods: ['POST'], priority: 1)]
    public function preview(#[MapRequestPayload] BraiseDraft $draft, #[MapQueryParameter] string $of = ''): JsonResponse
    {
        return $this->answer($this->presenter->present($of, $draft));
    }

    /** What would work where the day of a draft can't be: asked for by itself, since it is looked for longer. */
    #[Route('/ways', methods: ['POST'], priority: 1)]
    public function ways(
        #[MapRequestPayload] BraiseDraft $draft, FindWays $find, CookAgain $again, WayPresenter $ways,
        #[MapQueryParameter] string $of = '',
    ): JsonResponse {
        $now = $this->house->now();
        $measures = $this->house->measures();

        $worked = $this->plan->work($of, $draft);
        $helps = $find->helps($of, $worked);

        return $this->answer(new WaysView(
            array_map(static fn (FoundWay $f): WayView => $ways->found($f, $now, $measures),
                CookAgain::isOver($worked) ? $again->of($of, $worked) : $find->of($of, $worked)),
            array_map(static fn (FoundWay $f, string $rule): HelpView => $ways->help($rule, $f, $measures), $helps, array_keys($helps)),
        ));
    }

    /** The recipe for more or for fewer: what that changes in the draft. */
    #[Route('/scale', methods: ['POST'], priority: 1)]
    public function scale(#[MapRequestPayload] ScaleBraise $scale, ScaleDraft $scaled): JsonResponse
    {
        $problems = new Problems();
        $found = $scaled->to($scale->to, $scale->draft, $problems);
        $problems->throwIfAny();
        [$factor, $change] = $found ?? throw new \LogicException('No problem, and nothing scaled.');

        return $this->answer(new ScaledView($change, $this->wording->say('scaled', $this->house->measures(), ['times' => $factor])));
    }

    /** What each of some changes would come to, beside the draft as it is: the answers to a question, or another way. */
    #[Route('/compare', methods: ['POST'], priority: 1)]
    public function compare(
        #[MapRequestPayload] CompareBraise $compare, ComparisonPresenter $comparisons, #[MapQueryParameter] string $of = '',
    ): JsonResponse {
        $draft = $this->drafts->toArray($compare->draft);
        $now = $this->plan->work($of, $compare->draft);
        $works = array_map(
            fn (array $change, int $k): WorkedBraise => $this->plan->work($of, $this->drafts->patched($draft, $change, "changes[$k]")),
            $compare->changes, array_keys($compare->changes),
        );

        return $this->answer(array_map(static fn (WorkedBraise $w): ComparedView => $comparisons->compare($w, $now), $works));
    }

    #[Route('/{id}', methods: ['GET'])]
    public function one(string $id, Request $request, Freshness $freshness): JsonResponse
    {
        $braise = $this->find($id);

        return $this->fresh(
            $request, $freshness->mark("braise $id ".$this->house->now()->format('Y-m-d H:i')), fn (): BraiseView => $this->view($braise),
        );
    }

    /** Stores a draft whatever is wrong with it: what was typed is never lost. */
    #[Route('/{id}', methods: ['PUT'])]
    public function save(string $id, #[MapRequestPayload] SaveBraise $save): JsonResponse
    {
        $braise = $this->find($id);
        if ($save->revision !== $braise->revision && $this->drafts->toArray($save->draft) == $braise->draft) {
            // Sent twice, since nobody waited for the answer: it is kept already.
            return $this->answer($this->view($braise));
        }
        $cook = $this->cooks->running($braise);
        $worked = $this->follow->of($braise, $save->draft);
        $view = $this->presenter->view($id, $save->revision, $worked, $cook?->id);
        $this->presenter->keep($braise, $save->revision, $save->draft, $worked, $view, $this->title($save->draft));

        return $this->answer(new BraiseView(
            $id, $braise->revision, $save->draft, $view->understood, $view->problems, $view->adaptation, $view->steps, $view->cookId,
        ));
    }

    /** A job that was done, or isn't yet; of a braise whose pot is on, it is recorded there. A record with an id is taken once. */
    #[Route('/{id}/ticks', methods: ['POST'])]
    public function tick(string $id, #[MapRequestPayload] TickDraft $tick, TickJobs $ticks): JsonResponse
    {
        $braise = $this->find($id);
        $problems = new Problems();
        $at = $this->times->past($tick->at, $this->house->now()->modify('-36 hours'), 'start-too-old', 'in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $at);
        $ticks->tick($braise, $tick->job, $tick->is, $at, $tick->id);

        return $this->answer($this->view($braise));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(string $id): Response
    {
        $this->find($id)->deletedAt = $this->house->now();
        $this->braises->save();

        return new Response(status: 204);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    public function restore(string $id): JsonResponse
    {
        $braise = $this->braises->findDeleted($id) ?? throw $this->createNotFoundException();
        $braise->deletedAt = null;
        $this->braises->save();

        return $this->answer($this->view($braise));
    }

    #[Route('/{id}/calendar.ics', methods: ['GET'])]
    public function calendar(string $id, BraiseCalendar $calendar): Response
    {
        $braise = $this->find($id);
        $worked = $this->follow->of($braise);

        return new Response($calendar->write(
            $braise->title, [[$braise, $worked->orThrow(), $worked->whole]], $this->house->measures(), $this->house->now(),
        ), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="braise.ics"',
        ]);
    }

    /** Every braise that is planned and still to come, for a calendar to subscribe to. */
    #[Route('/calendar.ics', methods: ['GET'], priority: 1)]
    public function subscription(BraiseCalendar $calendar): Response
    {
        $planned = [];
        foreach ($this->braises->all() as $braise) {
            $worked = \count($planned) < self::MOST_SUBSCRIBED
                ? $this->faults->or(fn (): WorkedBraise => $this->follow->of($braise), static fn (): null => null)
                : null;
            if (null !== $worked?->adapted) {
                $planned[] = [$braise, $worked->adapted, $worked->whole];
            }
        }

        return new Response(
            $calendar->write('Pausis', $planned, $this->house->measures(), $this->house->now()), 200,
            ['Content-Type' => 'text/calendar; charset=utf-8'],
        );
    }

    /** A braise that is planned says its verdict; the others say what they are. */
    private function headline(BraiseRecord $braise, ?CookRecord $cook, string $state): string
    {
        $measures = $this->house->measures();
        $zone = $this->house->record()->zone();

        return match (true) {
            null !== $cook && 'cooking' === $state => $this->wording->say(
                'list.cooking', $measures, ['on' => $measures->clock($cook->switchedOn->setTimezone($zone), $this->house->now())],
            ),
            null !== $cook && 'cooked' === $state => $this->wording->say(
                'list.cooked', $measures, ['day' => $measures->day(($cook->closedAt ?? $cook->switchedOn)->setTimezone($zone))],
            ),
            'past' === $state => $this->wording->label('list', 'past'),
            default => $braise->headline,
        };
    }

    private function isPast(BraiseRecord $braise): bool
    {
        $serve = $this->serve($braise);

        return null !== $serve && $serve <= $this->house->now();
    }

    private function serve(BraiseRecord $braise): ?\DateTimeImmutable
    {
        return DraftOrder::moment(self::text($braise->draft['serveAt'] ?? ''), $this->house->record()->zone(), true);
    }

    private function serveText(BraiseRecord $braise): string
    {
        $at = DraftOrder::moment(self::text($braise->draft['serveAt'] ?? ''), $this->house->record()->zone());

        return null === $at ? '–' : $this->house->measures()->day($at);
    }

    private static function text(mixed $kept): string
    {
        return \is_string($kept) ? $kept : '';
    }

    private function find(string $id): BraiseRecord
    {
        return $this->braises->find($id) ?? throw $this->createNotFoundException();
    }

    private function view(BraiseRecord $braise): BraiseView
    {
        $cook = $this->cooks->running($braise);

        return $this->presenter->view($braise->id, $braise->revision, $this->follow->of($braise), $cook?->id)->as(
            $this->drafts->fromArray($braise->draft),
        );
    }

    private function title(BraiseDraft $draft): string
    {
        return '' === trim($draft->title) ? 'A braise without a name' : trim($draft->title);
    }
}
