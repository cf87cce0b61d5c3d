<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\CookPresenter;
use Pausis\App\Api\Presentation\FinishPresenter;
use Pausis\App\Api\Presentation\ForkPresenter;
use Pausis\App\Api\Wire\BeginSauce;
use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\BubblesDraft;
use Pausis\App\Api\Wire\CloseCook;
use Pausis\App\Api\Wire\CookFact;
use Pausis\App\Api\Wire\CookView;
use Pausis\App\Api\Wire\DinnerDraft;
use Pausis\App\Api\Wire\ForkOutlook;
use Pausis\App\Api\Wire\ForkTestDraft;
use Pausis\App\Api\Wire\JobDone;
use Pausis\App\Api\Wire\LidOffDraft;
use Pausis\App\Api\Wire\LostPowerDraft;
use Pausis\App\Api\Wire\NoteDraft;
use Pausis\App\Api\Wire\PouredDraft;
use Pausis\App\Api\Wire\ProbeDraft;
use Pausis\App\Api\Wire\SauceDraft;
use Pausis\App\Api\Wire\StartCook;
use Pausis\App\Api\Wire\StartedDraft;
use Pausis\App\Api\Wire\TurnSetting;
use Pausis\App\Kitchen\CloseCooking;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\LocalTimes;
use Pausis\App\Kitchen\MoveDinner;
use Pausis\App\Kitchen\StartPot;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\EventKind;
use Pausis\App\Store\Freshness;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Learning\Bubbles;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Reading\TypedQuantity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What is recorded at the stove. A record with an id is taken once, however often it is sent. */
final class CookController extends ApiController
{
    /** What may move dinner: what counted as done by then is kept with it. */
    private const MOVES = [
        EventKind::Fork, EventKind::Probe, EventKind::Turned, EventKind::Power, EventKind::Begun, EventKind::NotYet, EventKind::Done,
        EventKind::Sauce, EventKind::Bubbles, EventKind::LidOff, EventKind::Poured,
    ];

    public function __construct(
        private readonly Cooks $cooks,
        private readonly CookPresenter $presenter,
        private readonly LocalTimes $times,
        private readonly FollowBraise $follow,
        private readonly House $house,
        private readonly BraisePresenter $braises,
    ) {
    }

    #[Route('/api/braises/{id}/cook', methods: ['POST'])]
    public function start(string $id, #[MapRequestPayload] StartCook $start, Braises $braises, StartPot $pots): JsonResponse
    {
        $braise = $braises->find($id) ?? throw $this->createNotFoundException();
        $running = $this->cooks->running($braise);
        $cook = $running ?? $pots->start($braise, $start);

        return $this->answer($this->presenter->present($cook), null === $running ? 201 : 200);
    }

    #[Route('/api/cooks/{id}', methods: ['GET'])]
    public function one(string $id, Request $request, Freshness $freshness): JsonResponse
    {
        return $this->fresh(
            $request, $freshness->mark("cook $id ".$this->house->now()->format('Y-m-d H:i')),
            fn (): CookView => $this->presenter->present($this->find($id)),
        );
    }

    /** What each answer of the fork would lead to, before one is given. */
    #[Route('/api/cooks/{id}/fork', methods: ['GET'])]
    public function fork(string $id, Request $request, Freshness $freshness, ForkPresenter $fork): JsonResponse
    {
        return $this->fresh(
            $request, $freshness->mark("fork $id ".$this->house->now()->format('Y-m-d H:i')),
            fn (): ForkOutlook => $fork->present($this->find($id)),
        );
    }

    /** How much sauce there is, and the ways to close it; as it is typed or dragged, nothing is kept of it. */
    #[Route('/api/cooks/{id}/finish', methods: ['GET'])]
    public function finish(
        string $id, FinishPresenter $finish, #[MapQueryParameter] string $left = '', #[MapQueryParameter] ?float $level = null,
        #[MapQueryParameter] string $thickness = '', #[MapQueryParameter] string $thickener = '',
    ): JsonResponse {
        return $this->answer($finish->present($this->find($id), mb_substr($left, 0, 60), $level, $thickness, $thickener));
    }

    /** When it was switched on, and on what, as it really was. */
    #[Route('/api/cooks/{id}/start', methods: ['PUT'])]
    public function restart(string $id, #[MapRequestPayload] StartedDraft $started): JsonResponse
    {
        $cook = $this->find($id);
        $problems = new Problems();
        $choice = ProgramChoice::tryFrom($started->setting);
        if (null === $choice) {
            $problems->add('unknown-choice', 'setting', ['typed' => $started->setting]);
        }
        $now = $this->house->now();
        $at = $this->times->past($started->at, $now->modify(StartPot::OLDEST_START), 'start-too-old', 'start-in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $at && null !== $choice);
        $this->cooks->restart($cook, '' === $started->at ? $cook->switchedOn : $at, $choice->value);

        return $this->answer($this->presenter->present($cook));
    }

    /** It was not switched on after all; what was ticked stays with the braise. */
    #[Route('/api/cooks/{id}', methods: ['DELETE'])]
    public function notOn(string $id): Response
    {
        $this->cooks->notOn($this->find($id));

        return new Response(status: 204);
    }

    /** It is on the plates. */
    #[Route('/api/cooks/{id}/eaten', methods: ['POST'])]
    public function eaten(string $id, #[MapRequestPayload] BeginSauce $eaten): JsonResponse
    {
        return $this->recorded($this->find($id), new Problems(), EventKind::Eaten, '', $eaten->at, $eaten->id);
    }

    #[Route('/api/cooks/{id}/fork-tests', methods: ['POST'])]
    public function forkTest(string $id, #[MapRequestPayload] ForkTestDraft $test): JsonResponse
    {
        $problems = new Problems();
        if (null === ForkAnswer::tryFrom($test->answer)) {
            $problems->add('unknown-choice', 'answer', ['typed' => $test->answer]);
        }

        return $this->recorded($this->find($id), $problems, EventKind::Fork, $test->answer, $test->at, $test->id);
    }

    /** A thermometer in the liquid, or in the middle of the meat. */
    #[Route('/api/cooks/{id}/probe', methods: ['POST'])]
    public function probe(string $id, #[MapRequestPayload] ProbeDraft $probe): JsonResponse
    {
        $problems = new Problems();
        $celsius = TypedQuantity::celsius($this->house->measures()->typedTemperature($probe->reading), 'reading', $problems);
        if (null !== $celsius) {
            $problems->within(Range::probeCelsius(), $celsius, 'reading');
        }
        if (null === ProbePlace::tryFrom($probe->place)) {
            $problems->add('unknown-choice', 'place', ['typed' => $probe->place]);
        }

        return $this->recorded(
            $this->find($id), $problems, EventKind::Probe, (string) $celsius, $probe->at, $probe->id, ['place' => $probe->place],
        );
    }

    /** How the liquid looks through the lid. */
    #[Route('/api/cooks/{id}/bubbles', methods: ['POST'])]
    public function bubbles(string $id, #[MapRequestPayload] BubblesDraft $bubbles): JsonResponse
    {
        $problems = new Problems();
        if (null === Bubbles::tryFrom($bubbles->seen)) {
            $problems->add('unknown-choice', 'seen', ['typed' => $bubbles->seen]);
        }

        return $this->recorded($this->find($id), $problems, EventKind::Bubbles, $bubbles->seen, $bubbles->at, $bubbles->id);
    }

    /** The lid was off for so long. */
    #[Route('/api/cooks/{id}/lid-off', methods: ['POST'])]
    public function lidOff(string $id, #[MapRequestPayload] LidOffDraft $lid): JsonResponse
    {
        $problems = new Problems();
        $hours = self::hours($lid->minutes, 'minutes', $problems);
        if (null !== $hours) {
            $problems->within(Range::horizonHours(), max(0.1, $hours), 'minutes');
        }

        return $this->recorded($this->find($id), $problems, EventKind::LidOff, (string) (60 * (float) $hours), $lid->at, $lid->id);
    }

    /** Liquid was added, or ladled off. */
    #[Route('/api/cooks/{id}/poured', methods: ['POST'])]
    public function poured(string $id, #[MapRequestPayload] PouredDraft $poured): JsonResponse
    {
        $problems = new Problems();
        $millilitres = (float) TypedQuantity::millilitres($poured->amount, 'amount', $problems);
        if ($millilitres > 0) {
            $problems->within(Range::pouredMillilitres(), $millilitres, 'amount');
        }

        return $this->recorded(
            $this->find($id), $problems, EventKind::Poured, (string) ($poured->out ? -$millilitres : $millilitres), $poured->at,
            $poured->id, ['hot' => $poured->hot],
        );
    }

    /** Guests are late or early, more or fewer. */
    #[Route('/api/cooks/{id}/dinner', methods: ['POST'])]
    public function dinner(string $id, #[MapRequestPayload] DinnerDraft $dinner, MoveDinner $move): JsonResponse
    {
        $cook = $this->find($id);
        $serves = trim($dinner->serves);
        $problems = new Problems();
        if ('' !== $serves && !preg_match('/^\d{1,4}$/', $serves)) {
            $problems->add('number-not-understood', 'serves', ['typed' => $serves]);
        } elseif ('' !== $serves) {
            $problems->within(Range::servings(), (float) $serves, 'serves');
        }
        $problems->throwIfAny();
        $move->move($cook, $dinner->later, $serves, $dinner->id, $this->keep(...));

        return $this->answer($this->presenter->present($cook));
    }

    /** Anything that is to be remembered of this pot, in the cook's words. */
    #[Route('/api/cooks/{id}/notes', methods: ['POST'])]
    public function note(string $id, #[MapRequestPayload] NoteDraft $note): JsonResponse
    {
        $problems = new Problems();
        if ('' === trim($note->text)) {
            $problems->add('nothing-typed', 'text');
        }

        return $this->recorded($this->find($id), $problems, EventKind::Note, trim($note->text), $note->at, $note->id);
    }

    #[Route('/api/cooks/{id}/setting', methods: ['POST'])]
    public function turn(string $id, #[MapRequestPayload] TurnSetting $turn): JsonResponse
    {
        $setting = Setting::tryFrom($turn->setting);
        $problems = new Problems();
        if (null === $setting) {
            $problems->add('unknown-choice', 'setting', ['typed' => $turn->setting]);
        }

        return $this->recorded($this->find($id), $problems, EventKind::Turned, $turn->setting, $turn->at, $turn->id);
    }

    #[Route('/api/cooks/{id}/sauce', methods: ['POST'])]
    public function sauce(string $id, #[MapRequestPayload] SauceDraft $sauce, FinishPresenter $finish): JsonResponse
    {
        $problems = new Problems();
        $left = $finish->measured($this->find($id), $sauce->left, $problems);
        if ('' !== $sauce->way && !Closing::isWay($sauce->way)) {
            $problems->add('unknown-choice', 'way', ['typed' => $sauce->way]);
        }
        if (SauceBody::AS_THE_RECIPE !== $sauce->thickness && null === Thickness::tryFrom($sauce->thickness)) {
            $problems->add('unknown-choice', 'thickness', ['typed' => $sauce->thickness]);
        }
        if (null === Thickener::tryFrom($sauce->thickener)) {
            $problems->add('unknown-choice', 'thickener', ['typed' => $sauce->thickener]);
        }

        return $this->recorded(
            $this->find($id), $problems, EventKind::Sauce, (string) $left, $sauce->at, $sauce->id,
            ['thickness' => $sauce->thickness, 'thickener' => $sauce->thickener, ...('' === $sauce->way ? [] : ['way' => $sauce->way])],
        );
    }

    /** The sauce is begun: from here on dinner follows it. */
    #[Route('/api/cooks/{id}/begin', methods: ['POST'])]
    public function begin(string $id, #[MapRequestPayload] BeginSauce $begin): JsonResponse
    {
        return $this->recorded($this->find($id), new Problems(), EventKind::Begun, '', $begin->at, $begin->id);
    }

    #[Route('/api/cooks/{id}/done', methods: ['POST'])]
    public function done(string $id, #[MapRequestPayload] JobDone $done): JsonResponse
    {
        return $this->recorded(
            $this->find($id), new Problems(), $done->done ? EventKind::Done : EventKind::NotYet, $done->job, $done->at, $done->id,
        );
    }

    #[Route('/api/cooks/{id}/power', methods: ['POST'])]
    public function power(string $id, #[MapRequestPayload] LostPowerDraft $lost): JsonResponse
    {
        $problems = new Problems();
        $hours = self::hours($lost->minutes, 'minutes', $problems);
        if (null !== $hours) {
            $problems->within(Range::horizonHours(), max(0.1, $hours), 'minutes');
        }

        return $this->recorded(
            $this->find($id), $problems, EventKind::Power, (string) (60 * (float) $hours), $lost->at, $lost->id, ['home' => $lost->home],
        );
    }

    /** What was done about a pot that wasn't as it should be; only that lifts a safety rule. */
    #[Route('/api/cooks/{id}/facts', methods: ['POST'])]
    public function fact(string $id, #[MapRequestPayload] CookFact $fact): JsonResponse
    {
        $problems = new Problems();
        $value = match ($fact->fact) {
            'boiled' => 60 * (float) self::hours($fact->value, 'value', $problems),
            'took-out' => 1000 * (float) TypedQuantity::kilograms($fact->value, 'value', $problems),
            'thawed' => 1.0,
            default => null,
        };
        if (null === $value) {
            $problems->add('unknown-choice', 'fact', ['typed' => $fact->fact]);
        }

        return $this->recorded($this->find($id), $problems, EventKind::tryFrom($fact->fact) ?? EventKind::Thawed, (string) $value,
            $fact->at, $fact->id, earliestFromOn: '-12 hours');
    }

    /** Takes a record back: the last, or the one of that id. */
    #[Route('/api/cooks/{id}/events/last', methods: ['DELETE'])]
    public function forgetLast(string $id, MoveDinner $dinner, #[MapQueryParameter] string $event = ''): JsonResponse
    {
        $cook = $this->find($id);
        $dinner->back($cook, $event, $this->keep(...));
        $this->cooks->forget($cook, $event);

        return $this->answer($this->presenter->present($cook));
    }

    #[Route('/api/cooks/{id}/close', methods: ['POST'])]
    public function close(string $id, #[MapRequestPayload] CloseCook $close, CloseCooking $closing): JsonResponse
    {
        $cook = $this->find($id);
        if (null === $cook->closedAt) {
            $problems = new Problems();
            $served = $this->times->past($close->servedAt, $cook->switchedOn, 'before-the-start', 'in-the-future', $problems);
            $problems->throwIfAny();
            \assert(null !== $served);
            $closing->close($cook, $served, trim($close->note));
        }

        return $this->answer($this->presenter->present($cook));
    }

    /** Open again, as if it had not been closed. */
    #[Route('/api/cooks/{id}/reopen', methods: ['POST'])]
    public function reopen(string $id, CloseCooking $closing): JsonResponse
    {
        $cook = $this->find($id);
        $closing->reopen($cook);

        return $this->answer($this->presenter->present($cook));
    }

    /** Of a figure alone, minutes. */
    private static function hours(string $typed, string $path, Problems $problems): ?float
    {
        return TypedQuantity::hours(preg_match('/^\s*\d+\s*$/', $typed) ? "$typed min" : $typed, $path, $problems);
    }

    private function keep(BraiseRecord $braise, BraiseDraft $draft): void
    {
        $worked = $this->follow->of($braise, $draft);
        $view = $this->braises->view($braise->id, $braise->revision, $worked, null);
        $this->braises->keep($braise, $braise->revision, $draft, $worked, $view, $braise->title);
    }

    private function find(string $id): CookRecord
    {
        return $this->cooks->find($id) ?? throw $this->createNotFoundException();
    }

    /** @param array{thickness?: string, thickener?: string, home?: bool, place?: string, way?: string, hot?: bool} $more */
    private function recorded(
        CookRecord $cook, Problems $problems, EventKind $kind, string $value, string $typedAt, string $eventId, array $more = [],
        string $earliestFromOn = '+0 hours',
    ): JsonResponse {
        $at = $this->times->past($typedAt, $cook->switchedOn->modify($earliestFromOn), 'before-the-start', 'in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $at);
        $settled = \in_array($kind, self::MOVES, true) ? ['settled' => $this->follow->settled($cook->braise)] : [];
        $this->cooks->record($cook, [
            ...('' === $eventId ? [] : ['id' => $eventId]), 'kind' => $kind->value, 'at' => $at->format(\DATE_ATOM), 'value' => $value,
            ...$more, ...$settled,
        ]);

        return $this->answer($this->presenter->present($cook));
    }
}
