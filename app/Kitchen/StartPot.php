<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Api\Wire\BraiseDraft;
use Pausis\App\Api\Wire\StartCook;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\Core\Adaptation\AdaptBraise;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Tenderness\Doneness;

/**
 * Switches a pot on. What doesn't fit is asked first; a pot that is on already is recorded whatever is wrong with it,
 * since nobody is left beside a hot pot without being told what to do.
 */
final readonly class StartPot
{
    public const ALREADY_ON = 'already-on';
    public const SAME_COOKER = 'same-cooker';
    public const THAWED = 'thawed';
    private const FROM_THE_FRIDGE = '4 °C';
    public const OLDEST_START = '-24 hours';
    private const QUARTER_HOUR = 900;

    public function __construct(
        private Cooks $cooks,
        private Cookers $cookers,
        private DraftOrder $orders,
        private Drafts $drafts,
        private AdaptBraise $adapt,
        private House $house,
        private LocalTimes $times,
        private FollowBraise $follow,
        private Braises $braises,
        private BeginCook $begin,
    ) {
    }

    /**
     * @throws Asked                             where it must be said which dinner, which cooker, or that the pot is on already
     * @throws \Pausis\Core\Problem\InvalidInput
     */
    public function start(BraiseRecord $braise, StartCook $start): CookRecord
    {
        $running = $this->cooks->running($braise);
        if (null !== $running) {
            return $running;
        }
        $problems = new Problems();
        $at = $this->times->past(
            $start->at, $this->house->now()->modify(self::OLDEST_START), 'start-too-old', 'start-in-the-future', $problems,
        );
        $problems->throwIfAny();
        \assert(null !== $at);
        $draft = DraftOrder::identified($this->drafts->fromArray([
            ...$braise->draft,
            ...('' === $start->cookerId ? [] : ['cookerId' => $start->cookerId]),
            ...('' === $start->serveAt ? [] : ['serveAt' => $start->serveAt]),
        ]));
        $draft = \in_array(self::THAWED, $start->knowing, true) ? $this->thawed($draft) : $draft;
        $over = $this->isOver($draft, $at);
        $draft = $over ? $this->serving($draft, $at->modify('+1 day')) : $draft;
        $order = $this->orders->order($draft, $this->orders->understood($draft), $this->house->record(), $at, $problems);
        $problems->throwIfAny();
        \assert(null !== $order);
        $order = $order->after($order->meat->beforehand->asItIs(false));
        $adapted = $this->adapt->adapt($order->handled($order->handling->startedAt($at, true)));
        $standing = $this->follow->of($braise)->adapted;
        $outcome = $this->wanted($adapted, '' === $start->setting ? $standing->chosen->choice->value ?? '' : $start->setting);
        $this->ask($braise, $start, $adapted, $outcome, $draft, $at, $over || !self::isAsPlanned($standing, $outcome, $at) ? $over : null);

        // What was under way when it was switched on goes on.
        $this->braises->tick($braise, [
            'id' => '', 'kind' => 'switched-on', 'at' => $this->house->now()->format(\DATE_ATOM), 'value' => '',
            'settled' => $this->follow->settled($braise),
        ]);
        $record = $this->begin->record($braise, $draft, $adapted, $outcome, $at);
        // What was answered, which dinner and which cooker, is so in every place.
        $this->braises->answered($braise, [...$braise->draft, 'serveAt' => $draft->serveAt, 'cookerId' => $draft->cookerId]);

        return $this->cooks->start($record);
    }

    /**
     * @param bool|null $over whether the dinner is; null where it is switched on as planned, which asks nothing about it
     *
     * @throws Asked
     */
    private function ask(
        BraiseRecord $braise, StartCook $start, AdaptedBraise $adapted, Outcome $outcome, BraiseDraft $draft, \DateTimeImmutable $at,
        ?bool $over,
    ): void {
        $questions = array_values(array_filter([
            \in_array(self::ALREADY_ON, $start->knowing, true) ? null : $this->unsafe($start, $adapted, $outcome),
            \in_array(self::SAME_COOKER, $start->knowing, true) ? null : $this->taken($start, $draft, $braise),
            null !== $over && ('' === $start->serveAt || $over) ? $this->whichDinner($adapted->order, $outcome, $at, $over) : null,
        ]));
        if ([] !== $questions) {
            throw new Asked($questions);
        }
    }

    private function unsafe(StartCook $start, AdaptedBraise $adapted, Outcome $outcome): ?Question
    {
        $forbidden = $outcome === $adapted->chosen ? $adapted->forbidden() : $outcome->unsafe;

        return null === $forbidden ? null : new Question(new Problem('unsafe-start', 'setting'), [
            ...('frozen-in-recipe' === $forbidden->rule
                ? [new Offer('thawed', [], ['knowing' => [...$start->knowing, self::THAWED]])] : []),
            new Offer('already-on', [], ['knowing' => [...$start->knowing, self::ALREADY_ON]]),
        ]);
    }

    private function taken(StartCook $start, BraiseDraft $draft, BraiseRecord $braise): ?Question
    {
        foreach ($this->cooks->on() as $cook) {
            if ($cook->braise->id !== $braise->id && ($cook->draft['cookerId'] ?? '') === $draft->cookerId) {
                $offers = [];
                foreach ($this->cookers->all() as $other) {
                    $other->id === $draft->cookerId || $offers[] = new Offer(
                        'in-cooker', ['name' => $other->name], ['cookerId' => $other->id],
                    );
                }

                return new Question(new Problem('cooker-in-use', 'cookerId', ['title' => $cook->braise->title]), [
                    ...$offers, new Offer('same-cooker', [], ['knowing' => [...$start->knowing, self::SAME_COOKER]]),
                ]);
            }
        }

        return null;
    }

    /** Where the dinner that was planned is over, or so far off that the pot would long be past its best or too long on Warm. */
    private function whichDinner(BraiseOrder $order, Outcome $outcome, \DateTimeImmutable $at, bool $over): ?Question
    {
        $finish = 60 * $outcome->work->finish()->total;
        $program = $outcome->choice->program($order->cooker, $order->handling);
        $longest = min($outcome->windows[Doneness::Past->value]->likely ?? AdaptBraise::HORIZON, $program->longestOnWarm());
        $held = ($order->serveAt->getTimestamp() - $at->getTimestamp()) / 3600;
        if (!$over && $held <= $longest) {
            return null;
        }
        $ready = $outcome->planned->latest ?? AdaptBraise::HORIZON;
        $ready += $outcome->heating->test->at($ready);
        $today = $at->setTimestamp((int) (ceil(($at->getTimestamp() + 3600 * $ready + $finish) / self::QUARTER_HOUR) * self::QUARTER_HOUR));
        $measures = $this->house->measures();
        $clock = static fn (\DateTimeImmutable $when): string => $measures->day($when).', '.$measures->clock($when);
        $offers = [new Offer('dinner-at', ['serve' => $clock($today)], ['serveAt' => $today->format('Y-m-d\TH:i')])];
        if (!$over) {
            $offers[] = new Offer(
                'dinner-as-planned', ['serve' => $clock($order->serveAt)], ['serveAt' => $order->serveAt->format('Y-m-d\TH:i')],
            );
        }

        return new Question(new Problem($over ? 'dinner-over' : 'which-dinner', 'serveAt', ['serve' => $clock($order->serveAt)]), $offers);
    }

    /** Soft all through, from the fridge. */
    private function thawed(BraiseDraft $draft): BraiseDraft
    {
        $kept = $this->drafts->toArray($draft);
        $start = DraftOrder::isIcy($draft->meat) ? ['start' => self::FROM_THE_FRIDGE] : [];

        return $this->drafts->fromArray([...$kept, 'meat' => [...(array) ($kept['meat'] ?? []), 'thawed' => true, ...$start]]);
    }

    private function isOver(BraiseDraft $draft, \DateTimeImmutable $at): bool
    {
        $serve = DraftOrder::moment($draft->serveAt, $this->house->record()->zone(), true);

        return null !== $serve && $serve <= $at;
    }

    private function serving(BraiseDraft $draft, \DateTimeImmutable $at): BraiseDraft
    {
        return $this->drafts->fromArray([...$this->drafts->toArray($draft), 'serveAt' => $at->format('Y-m-d\TH:i')]);
    }

    /** On the setting and about when the plan has it, with all that was said of that. */
    private static function isAsPlanned(?AdaptedBraise $standing, Outcome $outcome, \DateTimeImmutable $at): bool
    {
        $day = $standing?->day();

        return $day instanceof DayPlan && $outcome->choice === $standing->chosen->choice
            && abs($day->switchOn->getTimestamp() - $at->getTimestamp()) <= self::QUARTER_HOUR;
    }

    private function wanted(AdaptedBraise $adapted, string $setting): Outcome
    {
        $choice = ProgramChoice::tryFrom($setting);
        foreach ($adapted->outcomes as $outcome) {
            if ($outcome->choice === $choice) {
                return $outcome;
            }
        }

        return $adapted->chosen;
    }
}
