<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\CookView;
use Pausis\App\Api\Wire\EventView;
use Pausis\App\Api\Wire\FlagView;
use Pausis\App\Api\Wire\RibbonView;
use Pausis\App\Api\Wire\SauceDraft;
use Pausis\App\Api\Wire\TaskView;
use Pausis\App\Kitchen\DraftOrder;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\RunningPot;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\EventKind;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Following\Elsewhere;
use Pausis\Core\Following\FollowedCook;
use Pausis\Core\Following\Internal\CookFlags;
use Pausis\Core\Following\State;
use Pausis\Core\Following\Underway;
use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Tenderness\Doneness;

/** A running cook in words: what is next, what was seen, what the sauce needs. */
final readonly class CookPresenter
{
    /** So long before its time the stove asks for the fork. */
    private const FORK_SOON_MINUTES = 20;

    public function __construct(
        private RunningPot $pot,
        private FollowBraise $follow,
        private AdaptationPresenter $adaptations,
        private Wording $wording,
        private House $house,
        private DayPresenter $days,
        private RibbonPresenter $ribbons,
        private FollowedPresenter $words,
        private MethodPresenter $methods,
    ) {
    }

    public function present(CookRecord $cook): CookView
    {
        return $this->view($cook, $this->follow->cooking($cook));
    }

    public function view(CookRecord $cook, WorkedBraise $worked): CookView
    {
        $measures = $this->house->measures();
        $now = $this->house->now();
        $underway = $worked->underway ?? throw new \LogicException('No pot is on.');
        $followed = $underway->cook ?? throw new \LogicException('No pot is on.');
        $order = $worked->braise()->order;
        $stops = null !== FollowedPresenter::stops($underway);
        $views = $stops ? [] : $this->tasks($cook, $worked, $underway, $now, $measures);
        $next = $views[0] ?? null;
        $day = $worked->braise()->day();
        $late = !$day instanceof DayPlan || null !== $cook->closedAt
            ? 0.0 : ($day->serve->getTimestamp() - $order->serveAt->getTimestamp()) / 3600;

        $hours = max(0.0, ($now->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600);
        $moment = $this->adaptations->moment($worked->braise(), $hours, $measures);

        return new CookView(
            $cook->id,
            $cook->revision,
            $cook->braise->id,
            $cook->braise->title,
            null !== $cook->closedAt,
            $this->wording->label('setting', $cook->last('turned')['value'] ?? $cook->program),
            $measures->clock($this->pot->switchedOn($cook), $now),
            $measures->clock($now),
            $measures->hours($hours),
            $next,
            null === $next ? '' : $this->wait($now, new \DateTimeImmutable($next->at), $measures),
            $this->words->headline($underway, $now, $measures),
            $late >= 1 / 60 ? $measures->hours($late) : '',
            $stops || null === $followed->onHigh
                ? ''
                : $this->wording->say('cook.on-high', $measures, ['serve' => $measures->clock($followed->onHigh, $now)]),
            array_map(fn (Elsewhere $e): string => $this->wording->say('cook.elsewhere-'.$e->way->method->value, $measures, [
                'span' => $measures->span(max(1 / 12, $e->likely->inHours()), max(1 / 12, $e->latest->inHours())),
                'celsius' => $e->way->ovenCelsius ?? 0.0,
            ]), $stops ? [] : $followed->elsewhere),
            $followed->lidCostMinutes >= 1 ? $this->wording->say('cook.lid', $measures, ['minutes' => $followed->lidCostMinutes]) : '',
            $this->adaptations->windows($followed->windows, $measures),
            $stops ? '' : $this->readiness($underway, $followed, $measures, $now),
            $views,
            $this->records($cook, $this->jobTexts($worked, $measures), $measures, $now),
            $this->sauceDraft($cook, $order),
            array_map(fn (Finding $f): FlagView => $this->flag($f, $measures), $followed->flags),
            null !== $cook->last('begun'),
            $this->words->present($underway, $now, $measures),
            $this->pot->switchedOn($cook)->format(\DATE_ATOM),
            $cook->program,
            $stops,
            $stops ? '' : $this->adaptations->help($followed->help, null, $measures),
            $this->adaptations->pot($worked->braise(), $measures),
            $moment,
            null === $moment ? '' : $measures->temperature($moment->core),
            $measures->clock($day instanceof DayPlan ? $day->serve : $followed->day->serve, $now),
            $this->wording->say('cook.serves', $measures, ['count' => $order->recipe->serves]),
            $this->amounts($next, $worked, $measures), $cook->last('turned')['value'] ?? $cook->program, self::asksFork($next, $now),
            self::asksSauce($cook, $underway, $next), self::takeOuts($next, $worked), null !== $order->handling->eatenOn,
            !$stops && self::isDue($next, $order->kitchen->people, $now),
        );
    }

    /** @return list<TaskView> still to be done, in order of time; the fork is asked no more once the meat is ready */
    private function tasks(CookRecord $cook, WorkedBraise $worked, Underway $underway, \DateTimeImmutable $now, Measures $measures): array
    {
        $first = (new BraiseJobs($worked->braise()->order, $worked->braise()->chosen->work))->firstOfFinish();
        $begun = null !== $cook->last('begun');
        $views = [];
        foreach ($underway->left() as $placed) {
            $kind = match (true) {
                BraiseJobs::FORK_TEST === $placed->job->id => TaskKind::ForkTest->value,
                !$begun && $first === $placed->job->id => TaskKind::Sauce->value,
                default => 'job',
            };
            if (TaskKind::ForkTest->value === $kind && null !== $underway->cook?->readySince) {
                continue;
            }
            $views[] = new TaskView(
                $kind, $placed->from->format(\DATE_ATOM), $measures->clock($placed->from, $now), $placed->job->minutes,
                $this->days->text($placed, $measures), $placed->person->name ?? '',
                TaskKind::ForkTest->value === $kind ? '' : $placed->job->id, $placed->person->name ?? '', $placed->job->hands,
            );
        }

        return $views;
    }

    /** Once the meat is out and what isn't eaten with it, before anything is done to the sauce; of what is chilled on another day. */
    private static function asksSauce(CookRecord $cook, Underway $underway, ?TaskView $next): bool
    {
        return State::Finishing === $underway->state && null === $cook->last('sauce')
            && null === $underway->whole->braise->order->handling->eatenOn
            && \in_array($next->job ?? '', ['reduce', 'slurry', 'blend-sauce', 'glaze', 'plate'], true);
    }

    /** Quiet at night: nobody is rung out of bed. */
    private static function isDue(?TaskView $next, People $people, \DateTimeImmutable $now): bool
    {
        $awake = array_filter($people->persons, static fn (Person $p): bool => !$p->presence->isAsleep($now, $now->modify('+1 minute')));

        return null !== $next && new \DateTimeImmutable($next->at) <= $now && [] !== $awake;
    }

    /** @return list<string> what the act takes out that isn't eaten */
    private static function takeOuts(?TaskView $next, WorkedBraise $worked): array
    {
        foreach ($worked->braise()->chosen->work->chores as $chore) {
            $list = $chore->variables['list'] ?? '';
            if ($chore->id === $next?->job && \in_array($chore->code, ['take-out', 'lift-out'], true) && \is_string($list)
                && !\in_array($list, ['', 'none'], true)) {
                return explode(', ', $list);
            }
        }

        return [];
    }

    private static function asksFork(?TaskView $next, \DateTimeImmutable $now): bool
    {
        return TaskKind::ForkTest->value === $next?->kind
            && new \DateTimeImmutable($next->at) <= $now->modify('+'.self::FORK_SOON_MINUTES.' minutes');
    }

    /**
     * What an act takes: of the braise as its line of the adapted recipe has it, of a side dish for one serving.
     *
     * @return list<string>
     */
    private function amounts(?TaskView $act, WorkedBraise $worked, Measures $measures): array
    {
        if (null === $act) {
            return [];
        }
        $sauce = $this->sauceAmounts($act, $worked->braise(), $measures);
        if ('' !== $sauce) {
            return [$sauce];
        }
        foreach ($this->methods->lines($worked, $measures) as $line) {
            if ($act->at === $line->at && $act->who === $line->who && [] !== $line->foods) {
                return $line->foods;
            }
        }
        foreach ($worked->whole->sides ?? [] as $side) {
            if ('' !== $side->takes && "$side->id-0" === $act->job) {
                return [$this->wording->say('cook.of-each', $measures, ['takes' => $side->takes])];
            }
        }

        return [];
    }

    /** What an act on the sauce takes, as the finish says it; empty for any other. */
    private function sauceAmounts(TaskView $act, AdaptedBraise $braise, Measures $measures): string
    {
        $codes = array_column(array_map(static fn (Chore $c): array => [$c->id, $c->code], $braise->chosen->work->chores), 1, 0);
        $sauce = $braise->chosen->sauce;
        $slurry = $braise->chosen->slurry;
        $pan = $braise->order->kitchen->pan();

        return match (true) {
            'slurry' === ($codes[$act->job] ?? '') && $slurry->grams >= 1 => $this->wording->say('finish.step-starch', $measures, [
                'grams' => $slurry->grams, 'spoons' => $slurry->tablespoons(), 'coldMl' => $slurry->coldMillilitres,
                'thickener' => mb_strtolower($this->wording->label('thickener', $slurry->thickener->value)),
                'kneaded' => ThickenedBy::FlourAndButter === SauceBody::of($braise->order, $sauce->target)->by ? 'yes' : 'no',
            ]),
            'reduce' === ($codes[$act->job] ?? '') && $sauce->reduce >= 1 => $this->wording->say('finish.step-boil', $measures, [
                'ml' => $sauce->reduce, 'panCm' => $pan->inCentimetres(), 'leavesMl' => $sauce->left(),
                'minutes' => Reduction::timeFor($sauce->reduce, $pan)->inMinutes(),
            ]),
            default => '',
        };
    }

    /** The day of a pot that is on, on one clock. */
    public function ribbon(WorkedBraise $worked): RibbonView
    {
        return $this->ribbons->planned($worked->braise(), $worked->whole, $this->house->now(), $this->house->measures());
    }

    /** mL that were last measured as left in the pot. */
    public function sauceLeft(CookRecord $cook): ?float
    {
        $sauce = $cook->last('sauce');

        return null === $sauce ? null : (float) $sauce['value'];
    }

    private function wait(\DateTimeImmutable $now, \DateTimeImmutable $at, Measures $measures): string
    {
        $minutes = ($at->getTimestamp() - $now->getTimestamp()) / 60;

        return match (true) {
            $minutes >= 1 => $this->wording->say('cook.in', $measures, ['minutes' => $minutes]),
            $minutes <= -1 => $this->wording->say('cook.ago', $measures, ['minutes' => -$minutes]),
            default => $this->wording->label('cook', 'now'),
        };
    }

    private function flag(Finding $finding, Measures $measures): FlagView
    {
        $do = null === $finding->remedy ? "pot-on.$finding->rule" : "pot-on.$finding->remedy";

        return new FlagView($finding->rule, $finding->severity->value, $this->wording->say(
            "finding.$finding->rule", $measures, $finding->variables,
        ),
            $this->wording->say($do, $measures, $finding->variables), match (true) {
                'boil-beans' === $finding->rule => 'boiled',
                'frozen-in-recipe' === $finding->rule => 'thawed',
                'too-full' === $finding->rule, 'does-not-fit' === $finding->rule => 'took-out',
                CookFlags::TURN_HIGH === $finding->remedy => 'turn-high',
                default => '',
            });
    }

    /** Ready is a state of its own: until when it can stay, what to do then, and from when it can be eaten. */
    private function readiness(Underway $underway, FollowedCook $followed, Measures $measures, \DateTimeImmutable $now): string
    {
        $day = $underway->whole->braise->day();
        if (null === $followed->readySince || State::On !== $underway->state || !$day instanceof DayPlan) {
            return '';
        }
        $past = $followed->bare[Doneness::Past->value]->earliest;
        $hour = static fn (float $hours): \DateTimeImmutable => $day->switchOn->setTimestamp(
            (int) round($day->switchOn->getTimestamp() + 3600 * $hours),
        );
        $finish = $followed->work->finish()->total;
        $asIs = null === $past ? $day->serve : max($now, $hour($past));
        $warm = $now->modify(\sprintf('+%d minutes', 60 * Rules::WARM_HOURS));

        return $this->wording->say('cook.ready-early', $measures, [
            'asIs' => $measures->clock($asIs, $now), 'onWarm' => $measures->clock($warm, $now),
            'eatFrom' => $measures->clock($now->modify(\sprintf('+%d minutes', $finish)), $now),
        ]);
    }

    /**
     * All that was recorded, in order of time.
     *
     * @param array<string, string> $texts of its jobs; of one that is not among them nothing is said
     * @param \DateTimeImmutable    $day   whose times are said without their weekday
     *
     * @return list<EventView>
     */
    public function records(CookRecord $cook, array $texts, Measures $measures, \DateTimeImmutable $day): array
    {
        $now = $day;
        $views = [new EventView('switched-on', $measures->clock($this->pot->switchedOn($cook), $now),
            $this->wording->say('event.switched-on', $measures, ['setting' => $this->wording->label('setting', $cook->program)]), '')];
        foreach ($cook->events as $event) {
            $views[] = new EventView($event['kind'], $measures->clock(
                (new \DateTimeImmutable($event['at']))->setTimezone($now->getTimezone()), $now,
            ), match (EventKind::from($event['kind'])) {
                EventKind::Fork => $this->wording->say('event.fork', $measures, ['answer' => $this->wording->label('fork',
                    $event['value'])]),
                EventKind::Turned => $this->wording->say(
                    'event.turned', $measures, ['setting' => $this->wording->label('setting', $event['value'])],
                ),
                EventKind::Done, EventKind::NotYet => $this->wording->say("event.{$event['kind']}", $measures,
                    ['text' => $texts[$event['value']] ?? $event['value']]),
                EventKind::Begun, EventKind::Thawed, EventKind::Eaten => $this->wording->label('event', $event['kind']),
                EventKind::Power => $this->wording->say(
                    'event.power', $measures,
                    ['minutes' => (float) $event['value'], 'home' => true === ($event['home'] ?? false) ? 'yes' : 'no'],
                ),
                EventKind::Probe => $this->wording->say(
                    'event.probe', $measures, ['celsius' => (float) $event['value'], 'place' => $event['place'] ?? 'liquid'],
                ),
                EventKind::Bubbles => $this->wording->say('event.bubbles', $measures, ['seen' => $event['value']]),
                EventKind::LidOff => $this->wording->say('event.lid-off', $measures, ['minutes' => (float) $event['value']]),
                EventKind::Poured => $this->wording->say('event.poured', $measures, [
                    'ml' => abs((float) $event['value']), 'how' => match (true) {
                        (float) $event['value'] < 0 => 'out',
                        true === ($event['hot'] ?? false) => 'hot',
                        default => 'cold',
                    },
                ]),
                EventKind::Note => $event['value'],
                EventKind::Dinner => $this->wording->say('event.dinner', $measures, [
                    'serve' => $event['value'] === ($event['was'] ?? '') ? 'none' : $measures->clock(DraftOrder::moment(
                        $event['value'], $now->getTimezone(), true,
                    ) ?? $now, $now),
                    'serves' => '' === ($event['serves'] ?? '') ? 'none' : $event['serves'],
                ]),
                EventKind::Boiled => $this->wording->say('event.boiled', $measures, ['minutes' => (float) $event['value']]),
                EventKind::TookOut => $this->wording->say('event.took-out', $measures, ['grams' => (float) $event['value']]),
                EventKind::Sauce => $this->wording->say(
                    'event.sauce', $measures,
                    [
                        'ml' => (float) $event['value'],
                        'thickness' => mb_strtolower($this->wording->label('thickness', $event['thickness'] ?? '')),
                    ],
                ),
            }, $event['id'] ?? '');
        }

        return $views;
    }

    /** @return array<string, string> by job */
    private function jobTexts(WorkedBraise $worked, Measures $measures): array
    {
        $texts = [];
        foreach ($worked->whole->placed ?? [] as $placed) {
            $texts[$placed->job->id] = $this->days->text($placed, $measures);
        }
        foreach ($worked->whole->sides ?? [] as $side) {
            foreach ($side->jobs(1) as $job) {
                $texts[$job->id] ??= $this->days->text(new Placed($job, $this->house->now(), $this->house->now()), $measures);
            }
        }
        foreach ($worked->braise()->chosen->work->chores as $chore) {
            $texts[$chore->id] ??= $this->days->chore($chore, $measures);
        }

        return $texts;
    }

    private function sauceDraft(CookRecord $cook, BraiseOrder $order): SauceDraft
    {
        $sauce = $cook->last('sauce');

        return new SauceDraft(
            null === $sauce ? '' : $this->house->measures()->volume((float) $sauce['value']),
            $sauce['thickness'] ?? $order->wishes->thickness->value ?? SauceBody::AS_THE_RECIPE,
            $sauce['thickener'] ?? SauceBody::of($order, 0.0)->thickener->value, $sauce['way'] ?? '',
        );
    }
}
