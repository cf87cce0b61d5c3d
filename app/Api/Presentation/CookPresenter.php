<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\CookView;
use Pausis\App\Api\Wire\EventView;
use Pausis\App\Api\Wire\FlagView;
use Pausis\App\Api\Wire\RibbonView;
use Pausis\App\Api\Wire\SauceDraft;
use Pausis\App\Api\Wire\SlurryView;
use Pausis\App\Api\Wire\TaskView;
use Pausis\App\Kitchen\DraftDay;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\RunningPot;
use Pausis\App\Store\CookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\DinnerOnTime;
use Pausis\Core\Adaptation\Elsewhere;
use Pausis\Core\Adaptation\FollowedCook;
use Pausis\Core\Adaptation\Foreseen;
use Pausis\Core\Adaptation\Internal\CookFlags;
use Pausis\Core\Adaptation\LateAdditions;
use Pausis\Core\Adaptation\SauceBody;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Liquid\Reduction;
use Pausis\Core\Safety\Finding;

/** A running cook in words: what is next, what was seen, what the sauce needs. */
final readonly class CookPresenter
{
    /** A task stays the next one for so long after its time. */
    private const LINGER_MINUTES = 10;
    private const WORTH_REDUCING_ML = 20.0;

    public function __construct(
        private RunningPot $pot,
        private Drafts $drafts,
        private AdaptationPresenter $adaptations,
        private Wording $wording,
        private House $house,
        private DraftDay $day,
        private DayPresenter $days,
        private RibbonPresenter $ribbons,
    ) {
    }

    public function present(CookRecord $cook): CookView
    {
        $measures = $this->house->measures();
        $now = $this->house->now();
        $order = $this->pot->order($cook);
        $followed = $this->pot->followed($cook, $order);
        $switchedOn = $this->pot->switchedOn($cook);
        $day = $followed->day;
        $views = array_map(
            fn (Task $t): TaskView => $this->adaptations->task(
                $t, $followed, $now, $measures, [] === $cook->of('fork') ? '' : '-again', self::who($t, $order),
            ),
            $this->ahead($followed, $now),
        );
        foreach ([
            ...$this->additionsAhead($cook, $order, $followed, $now), ...$this->dinnerAhead($cook, $order, $followed, $now),
        ] as $placed) {
            $views[] = new TaskView(
                'job', $placed->from->format(\DATE_ATOM), $measures->clock($placed->from, $now), $placed->job->minutes,
                $this->days->text($placed, $measures), $placed->person->name ?? '', $placed->job->id,
                $placed->person->name ?? '', $placed->job->hands,
            );
        }
        usort($views, static fn (TaskView $a, TaskView $b): int => strtotime($a->at) <=> strtotime($b->at));
        $next = $views[0] ?? null;

        return new CookView(
            $cook->id,
            $cook->revision,
            $cook->braise->id,
            $cook->braise->title,
            null !== $cook->closedAt,
            $this->wording->label('setting', $cook->last('turned')['value'] ?? $cook->program),
            $measures->clock($switchedOn, $now),
            $measures->clock($now),
            $measures->hours(max(0.0, ($now->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600)),
            $next,
            null === $next ? '' : $this->wait($now, new \DateTimeImmutable($next->at), $measures),
            $this->headline($followed, $now, $measures),
            $followed->lateMinutes >= 1 ? $measures->hours($followed->lateMinutes / 60) : '',
            null === $followed->onHigh
                ? ''
                : $this->wording->say('cook.on-high', $measures, ['serve' => $measures->clock($followed->onHigh, $now)]),
            array_map(fn (Elsewhere $e): string => $this->wording->say('cook.elsewhere-'.$e->way->method->value, $measures, [
                'span' => $measures->span(max(1 / 12, $e->likely->inHours()), max(1 / 12, $e->latest->inHours())),
                'celsius' => $e->way->ovenCelsius ?? 0.0,
            ]), $followed->elsewhere),
            $followed->lidCostMinutes >= 1 ? $this->wording->say('cook.lid', $measures, ['minutes' => $followed->lidCostMinutes]) : '',
            $this->adaptations->windows($followed->windows, $measures),
            $this->readiness($followed, $day, $measures, $now),
            $views,
            $this->events($cook, $measures, $now),
            $this->slurry($cook, $order, $measures),
            $this->sauceDraft($cook, $order),
            array_map(fn (Finding $f): FlagView => $this->flag($f, $measures), $followed->flags),
            null !== $cook->last('begun'),
        );
    }

    /** Who is there to do it, of several. */
    private static function who(Task $task, BraiseOrder $order): string
    {
        return 0 === $task->minutes
            ? ''
            : $order->kitchen->people->who($task->at, $task->at->modify("+$task->minutes minutes"))->name ?? '';
    }

    /** @return list<Placed> what is still to go in late */
    private function additionsAhead(CookRecord $cook, BraiseOrder $order, FollowedCook $followed, \DateTimeImmutable $now): array
    {
        $done = array_map(static fn (array $e): string => $e['value'], $cook->of('done'));
        $from = $now->modify('-'.self::LINGER_MINUTES.' minutes');

        return null !== $cook->closedAt
            ? []
            : array_values(array_filter(
                LateAdditions::of($order, $followed),
                static fn (Placed $p): bool => $p->to >= $from && !\in_array($p->job->id, $done, true),
            ));
    }

    /** The day of a pot that is on, on one clock. */
    public function ribbon(CookRecord $cook): RibbonView
    {
        $now = $this->house->now();
        $order = $this->pot->order($cook);
        $followed = $this->pot->followed($cook, $order);

        return $this->ribbons->running(
            $followed, $order,
            [...$this->additionsAhead($cook, $order, $followed, $now), ...$this->dinnerAhead($cook, $order, $followed, $now)],
            $this->wording->label('setting', $cook->last('turned')['value'] ?? $cook->program), $now, $this->house->measures(),
        );
    }

    /** @return list<Placed> what is left to do for the sauce and the side dishes, until the meal is over */
    private function dinnerAhead(CookRecord $cook, BraiseOrder $order, FollowedCook $followed, \DateTimeImmutable $now): array
    {
        $draft = $this->drafts->fromArray($cook->draft);
        $done = array_map(static fn (array $e): string => $e['value'], $cook->of('done'));

        $over = null !== $cook->closedAt || $followed->day->serve->modify('+'.self::LINGER_MINUTES.' minutes') < $now;

        return $over
            ? []
            : DinnerOnTime::around(
                $order, $followed, $this->day->sides($draft, $order->recipe->dish),
                $this->day->pins($draft, $this->house->record()->zone()), $done,
            );
    }

    /** mL that were last measured as left in the pot. */
    public function sauceLeft(CookRecord $cook): ?float
    {
        $sauce = $cook->last('sauce');

        return null === $sauce ? null : (float) $sauce['value'];
    }

    /** @return list<Task> still to come; no fork test once the meat is ready */
    private function ahead(FollowedCook $followed, \DateTimeImmutable $now): array
    {
        $from = $now->modify('-'.self::LINGER_MINUTES.' minutes');

        return array_values(array_filter($followed->day->tasks, static fn (Task $t): bool => TaskKind::SwitchOn !== $t->kind
            && TaskKind::LikelyReady !== $t->kind
            && (TaskKind::ForkTest === $t->kind ? null === $followed->readySince : max($t->end(), $t->at) >= $from)));
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

    private function headline(FollowedCook $followed, \DateTimeImmutable $now, Measures $measures): string
    {
        $serve = $measures->clock($followed->day->serve, $now);
        $past = array_filter($followed->flags, static fn (Finding $f): bool => 'past-best-now' === $f->rule);
        if ([] !== $past) {
            return $this->wording->label('cook', 'past-best');
        }
        if (Foreseen::Surely !== $followed->foreseen && null === $followed->readySince) {
            $likely = $followed->day->at(TaskKind::LikelyReady)->at ?? $followed->day->serve;

            return Foreseen::Hardly === $followed->foreseen
                ? $this->wording->label('cook', 'never')
                : $this->wording->say('cook.long-tail', $measures, ['likely' => $measures->clock($likely, $now)]);
        }

        return $followed->lateMinutes >= 1
            ? $this->wording->say('cook.late', $measures, ['serve' => $serve, 'lateMinutes' => $followed->lateMinutes])
            : $this->wording->say('cook.on-time', $measures, ['serve' => $serve]);
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

    private function readiness(FollowedCook $followed, DayPlan $day, Measures $measures, \DateTimeImmutable $now): string
    {
        $sauce = $day->at(TaskKind::Sauce);

        return null === $followed->readySince || null === $sauce
            ? ''
            : $this->wording->say('cook.ready', $measures, ['sauce' => $measures->clock($sauce->at, $now)]);
    }

    /** @return list<EventView> in order of time */
    private function events(CookRecord $cook, Measures $measures, \DateTimeImmutable $now): array
    {
        $views = [new EventView('switched-on', $measures->clock($this->pot->switchedOn($cook), $now),
            $this->wording->say('event.switched-on', $measures, ['setting' => $this->wording->label('setting', $cook->program)]), '')];
        $texts = [] === $cook->of('done') ? [] : $this->jobTexts($cook, $measures);
        foreach ($cook->events as $event) {
            $views[] = new EventView($event['kind'], $measures->clock(
                (new \DateTimeImmutable($event['at']))->setTimezone($now->getTimezone()), $now,
            ), match ($event['kind']) {
                'fork' => $this->wording->say('event.fork', $measures, ['answer' => $this->wording->label('fork', $event['value'])]),
                'turned' => $this->wording->say(
                    'event.turned', $measures, ['setting' => $this->wording->label('setting', $event['value'])],
                ),
                'done' => $this->wording->say('event.done', $measures, ['text' => $texts[$event['value']] ?? $event['value']]),
                'begun', 'thawed' => $this->wording->label('event', $event['kind']),
                'power' => $this->wording->say(
                    'event.power', $measures,
                    ['minutes' => (float) $event['value'], 'home' => true === ($event['home'] ?? false) ? 'yes' : 'no'],
                ),
                'boiled' => $this->wording->say('event.boiled', $measures, ['minutes' => (float) $event['value']]),
                'took-out' => $this->wording->say('event.took-out', $measures, ['grams' => (float) $event['value']]),
                default => $this->wording->say(
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
    private function jobTexts(CookRecord $cook, Measures $measures): array
    {
        $texts = [];
        foreach ($this->day->sides($this->drafts->fromArray($cook->draft), $this->pot->order($cook)->recipe->dish) as $side) {
            foreach ($side->jobs(1) as $job) {
                $texts[$job->id] = $this->days->text(new Placed($job, $cook->switchedOn, $cook->switchedOn), $measures);
            }
        }

        foreach ($this->pot->followed($cook, $this->pot->order($cook))->work->chores as $chore) {
            $texts[$chore->id] = $this->days->chore($chore, $measures);
        }

        return $texts;
    }

    private function sauceDraft(CookRecord $cook, BraiseOrder $order): SauceDraft
    {
        $sauce = $cook->last('sauce');

        return new SauceDraft(
            null === $sauce ? '' : $this->house->measures()->volume((float) $sauce['value']),
            $sauce['thickness'] ?? $order->wishes->thickness->value ?? SauceBody::AS_THE_RECIPE,
            $sauce['thickener'] ?? SauceBody::of($order, 0.0)->thickener->value,
        );
    }

    private function slurry(CookRecord $cook, BraiseOrder $order, Measures $measures): ?SlurryView
    {
        $left = $this->sauceLeft($cook);
        if (null === $left) {
            return null;
        }
        $wanted = $this->sauceDraft($cook, $order);
        $target = (float) ($cook->planned['sauceMl'] ?? $left);
        $excess = $left - $target;
        $reduces = $excess >= self::WORTH_REDUCING_ML;
        $slurry = SauceBody::of($order, $target)
            ->as(Thickness::tryFrom($wanted->thickness), Thickener::from($wanted->thickener), $order->thickenedAlready())
            ->slurry($reduces ? $target : $left);
        $variables = [
            'grams' => $slurry->grams, 'spoons' => $slurry->tablespoons(), 'coldMl' => $slurry->coldMillilitres,
            'thickener' => mb_strtolower($this->wording->label('thickener', $wanted->thickener)),
        ];

        return new SlurryView(
            $measures->mass($slurry->grams),
            $measures->volume($slurry->coldMillilitres),
            (string) $measures->variable('spoons', $slurry->tablespoons()),
            $reduces ? $this->wording->say('slurry.reduce', $measures, [
                'ml' => $excess, 'targetMl' => $target, 'panCm' => $order->kitchen->pan()->inCentimetres(),
                'minutes' => Reduction::timeFor($excess, $order->kitchen->pan())->inMinutes(),
            ]) : '',
            $this->wording->sum($slurry->sum, $measures),
            $this->wording->say($slurry->grams < 1 ? 'slurry.enough' : 'slurry.thicken', $measures, $variables),
        );
    }
}
