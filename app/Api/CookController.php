<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Api\Presentation\BraisePresenter;
use Pausis\App\Api\Presentation\CookPresenter;
use Pausis\App\Api\Presentation\House;
use Pausis\App\Api\Wire\CloseCook;
use Pausis\App\Api\Wire\ForkTestDraft;
use Pausis\App\Api\Wire\JobDone;
use Pausis\App\Api\Wire\SauceDraft;
use Pausis\App\Api\Wire\StartCook;
use Pausis\App\Api\Wire\TurnSetting;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Store\Needs;
use Pausis\App\Store\NotebookRecord;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\FollowCook;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SettingOutcome;
use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Recipe\TypedQuantity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

final class CookController extends ApiController
{
    private const OLDEST_START = '-24 hours';

    public function __construct(
        private readonly Cooks $cooks,
        private readonly CookPresenter $presenter,
        private readonly House $house,
        private readonly Cookers $cookers,
        private readonly Needs $needs,
        private readonly FollowCook $follow,
        private readonly Drafts $drafts,
    ) {
    }

    #[Route('/api/braises/{id}/cook', methods: ['POST'])]
    public function start(string $id, #[MapRequestPayload] StartCook $start, Braises $braises, BraisePresenter $adapter): JsonResponse
    {
        $braise = $braises->find($id) ?? throw $this->createNotFoundException();
        $running = $this->cooks->running($braise);
        if (null !== $running) {
            return $this->answer($this->presenter->present($running));
        }
        $problems = new Problems();
        $adapted = $adapter->adapted($this->drafts->fromArray($braise->draft), $problems);
        $at = $this->when($start->at, $this->house->now()->modify(self::OLDEST_START), 'start-too-old', 'start-in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $adapted && null !== $at);
        $outcome = $this->wanted($adapted, $start->setting);
        if (null !== $outcome->unsafe) {
            $problems->add('unsafe-setting', 'setting');
            $problems->throwIfAny();
        }
        $ready = $outcome->windows[$adapted->order->texture->value];
        $cook = new CookRecord($braise, $braise->draft, $outcome->choice->value, $at, [
            'earliestHours' => $ready->earliest,
            'likelyHours' => $ready->likely,
            'latestHours' => $ready->latest,
            'serve' => $adapted->order->serveAt->format(\DATE_ATOM),
            'sauceMl' => $outcome->sauce->target,
            'endMl' => $outcome->sauce->atEnd->total,
            'setting' => $outcome->choice->value,
        ], $adapted->order->cooker);
        $this->cooks->add($cook);

        return $this->answer($this->presenter->present($cook), 201);
    }

    #[Route('/api/cooks/{id}', methods: ['GET'])]
    public function one(string $id): JsonResponse
    {
        return $this->answer($this->presenter->present($this->cooks->find($id) ?? throw $this->createNotFoundException()));
    }

    #[Route('/api/cooks/{id}/fork-tests', methods: ['POST'])]
    public function forkTest(string $id, #[MapRequestPayload] ForkTestDraft $test): JsonResponse
    {
        $cook = $this->open($id);
        $problems = new Problems();
        if (null === ForkAnswer::tryFrom($test->answer)) {
            $problems->add('unknown-choice', 'answer', ['typed' => $test->answer]);
        }
        $at = $this->when($test->at, $cook->switchedOn, 'before-the-start', 'in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $at);

        return $this->recorded($cook, 'fork', $test->answer, $at);
    }

    #[Route('/api/cooks/{id}/setting', methods: ['POST'])]
    public function turn(string $id, #[MapRequestPayload] TurnSetting $turn): JsonResponse
    {
        $setting = Setting::tryFrom($turn->setting);
        $problems = new Problems();
        if (null === $setting || !$setting->cooks()) {
            $problems->add('unknown-choice', 'setting', ['typed' => $turn->setting]);
        }
        $problems->throwIfAny();

        return $this->recorded($this->open($id), 'turned', $turn->setting, $this->house->now());
    }

    #[Route('/api/cooks/{id}/sauce', methods: ['POST'])]
    public function sauce(string $id, #[MapRequestPayload] SauceDraft $sauce): JsonResponse
    {
        $problems = new Problems();
        $left = TypedQuantity::millilitres($sauce->left, 'left', $problems);
        if (null !== $left) {
            $problems->within(Range::sauceMillilitres(), $left, 'left');
        }
        if (null === Thickness::tryFrom($sauce->thickness)) {
            $problems->add('unknown-choice', 'thickness', ['typed' => $sauce->thickness]);
        }
        if (null === Thickener::tryFrom($sauce->thickener)) {
            $problems->add('unknown-choice', 'thickener', ['typed' => $sauce->thickener]);
        }
        $problems->throwIfAny();

        return $this->recorded($this->open($id), 'sauce', (string) $left, $this->house->now(), ['thickness' => $sauce->thickness, 'thickener' => $sauce->thickener]);
    }

    #[Route('/api/cooks/{id}/done', methods: ['POST'])]
    public function done(string $id, #[MapRequestPayload] JobDone $done): JsonResponse
    {
        return $this->recorded($this->open($id), 'done', $done->job, $this->house->now());
    }

    /** Takes the last record back. */
    #[Route('/api/cooks/{id}/events/last', methods: ['DELETE'])]
    public function forgetLast(string $id): JsonResponse
    {
        $cook = $this->open($id);
        $this->cooks->forgetLast($cook);

        return $this->answer($this->presenter->present($cook));
    }

    #[Route('/api/cooks/{id}/close', methods: ['POST'])]
    public function close(string $id, #[MapRequestPayload] CloseCook $close): JsonResponse
    {
        $cook = $this->open($id);
        $problems = new Problems();
        $served = $this->when($close->servedAt, $cook->switchedOn, 'before-the-start', 'in-the-future', $problems);
        $problems->throwIfAny();
        \assert(null !== $served);
        $learned = $this->learn($cook);
        $ready = null;
        foreach ($cook->events as $event) {
            if ('fork' === $event['kind'] && null === $ready && ForkAnswer::from($event['value'])->reaches($this->presenter->order($cook)->texture)) {
                $ready = ((new \DateTimeImmutable($event['at']))->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600;
            }
        }
        $this->cooks->close($cook, new NotebookRecord($cook, $cook->braise->title, $cook->switchedOn, $cook->planned, [
            'readyHours' => $ready,
            'serve' => $served->format(\DATE_ATOM),
            'endMl' => $this->presenter->sauceLeft($cook),
            ...$learned,
            'tests' => (float) \count($cook->of('fork')),
        ], trim($close->note)), $this->house->now());

        return $this->answer($this->presenter->present($cook));
    }

    /**
     * Keeps what the cook teaches with the cooker and the cut; without a fork test nothing is learned.
     *
     * @return array{heatPercent: float|null, needPercent: float|null} by how much more or less than was thought at first
     */
    private function learn(CookRecord $cook): array
    {
        if ([] === $cook->of('fork')) {
            return ['heatPercent' => null, 'needPercent' => null];
        }
        $order = $this->presenter->order($cook);
        $cooker = $this->cookers->find($this->drafts->fromArray($cook->draft)->cookerId);
        ['heat' => $heat, 'need' => $need] = $this->follow->learned($order, $this->presenter->running($cook),
            $cooker?->heat() ?? Posterior::prior(Cooker::HEAT_SIGMA), $this->needs->of($order->joint->cut));
        $cooker?->learn($heat);
        $this->needs->learn($order->joint->cut, $need);

        return ['heatPercent' => $heat->percent(), 'needPercent' => $need->percent()];
    }

    private function open(string $id): CookRecord
    {
        $cook = $this->cooks->find($id);

        return null === $cook || null !== $cook->closedAt ? throw $this->createNotFoundException() : $cook;
    }

    private function wanted(AdaptedBraise $adapted, string $setting): SettingOutcome
    {
        $choice = ProgramChoice::tryFrom($setting);
        foreach ($adapted->outcomes as $outcome) {
            if ($outcome->choice === $choice) {
                return $outcome;
            }
        }

        return $adapted->chosen;
    }

    /** The local time typed, or now where nothing was; a problem where it lies before $from or still to come. */
    private function when(string $typed, \DateTimeImmutable $from, string $tooEarly, string $tooLate, Problems $problems): ?\DateTimeImmutable
    {
        $now = $this->house->now();
        $at = '' === $typed ? $now : DraftOrder::moment($typed, $this->house->record()->zone());
        $code = match (true) {
            null === $at => 'time-not-understood',
            $at < $from->setTime((int) $from->format('H'), (int) $from->format('i')) => $tooEarly,
            $at > $now => $tooLate,
            default => null,
        };
        if (null !== $code) {
            $problems->add($code, 'at', ['typed' => $typed]);

            return null;
        }

        return $at;
    }

    /** @param array{thickness?: string, thickener?: string} $wanted of a sauce */
    private function recorded(CookRecord $cook, string $kind, string $value, \DateTimeImmutable $at, array $wanted = []): JsonResponse
    {
        $this->cooks->record($cook, ['kind' => $kind, 'at' => $at->format(\DATE_ATOM), 'value' => $value, ...$wanted]);

        return $this->answer($this->presenter->present($cook));
    }
}
