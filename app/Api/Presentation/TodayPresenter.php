<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Adaptation;
use Pausis\App\Api\Wire\BraiseView;
use Pausis\App\Api\Wire\FreeCookerView;
use Pausis\App\Api\Wire\JobView;
use Pausis\App\Api\Wire\MomentView;
use Pausis\App\Api\Wire\OutcomeView;
use Pausis\App\Api\Wire\PastView;
use Pausis\App\Api\Wire\PlannedView;
use Pausis\App\Api\Wire\RunningView;
use Pausis\App\Api\Wire\TaskView;
use Pausis\App\Api\Wire\TodayJob;
use Pausis\App\Api\Wire\TodayView;
use Pausis\App\Kitchen\CookAgain;
use Pausis\App\Kitchen\DraftOrder;
use Pausis\App\Kitchen\Faults;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\Cooks;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Following\State;

/** What is on, what is to do and what is planned, each worked out as it is now. */
final readonly class TodayPresenter
{
    /** Each takes a twentieth of a second. */
    private const MOST_PLANNED = 24;
    private const MOST_PAST = 60;
    /** A day ends when the house has gone to bed. */
    private const NEXT_DAY = '04:00';

    public function __construct(
        private Braises $braises, private Cooks $cooks, private Cookers $cookers, private FollowBraise $follow, private House $house,
        private BraisePresenter $presenter, private CookPresenter $pots, private Wording $wording,
        private Faults $faults, private DayPresenter $days,
    ) {
    }

    public function present(): TodayView
    {
        $now = $this->house->now();
        $measures = $this->house->measures();
        $cooks = $this->cooks->newestByBraise();
        $running = $planned = $past = $jobs = $used = [];
        foreach ($this->inOrder($now) as [$braise, $serve]) {
            $cook = $cooks[$braise->id] ?? null;
            if (null !== $cook && null === $cook->closedAt) {
                $used[] = $cook->draft['cookerId'] ?? '';
                $shown = $this->faults->or(fn (): array => $this->running($braise, $cook), static fn (): null => null);
                if (null === $shown) {
                    $planned[] = $this->unshown($braise);
                    continue;
                }
                $running[] = $shown[0];
                $jobs = [...$jobs, ...$shown[1]];
                continue;
            }
            $jobs = [...$jobs, ...(null === $cook ? [] : $this->faults->or(fn (): array => $this->after($braise, $cook),
                static fn (): array => []))];
            $isToCook = null === $cook || CookAgain::isPlannedAnew($cook, $serve);
            if (!$isToCook || (null !== $serve && $serve <= $now)) {
                \count($past) < self::MOST_PAST && array_unshift($past, $this->past($braise, $cook, $measures));
            } elseif (\count($planned) < self::MOST_PLANNED) {
                [$view, $taken] = $this->faults->or(function () use ($braise, $measures): array {
                    $worked = $this->follow->of($braise);

                    return [
                        $this->presenter->view($braise->id, $braise->revision, $worked, null), $this->days->cookerTaken($worked, $measures),
                    ];
                }, static fn (): array => [null, '']);
                $planned[] = null === $view
                    ? $this->unshown($braise)
                    : self::planned($braise, $view, $taken, null === $serve ? '' : $measures->day($serve));
                $jobs = [...$jobs, ...(null === $view ? [] : self::jobs($braise, $view, $now))];
            }
        }
        [$of, $jobs] = $this->ofOneDay($jobs, $now, $measures);
        $free = array_filter($this->cookers->all(), static fn (CookerRecord $c): bool => !\in_array($c->id, $used, true));

        return new TodayView(
            $now->format(\DATE_ATOM), $measures->day($now), $measures->clock($now), $running, $of, $jobs, $planned, $past,
            array_values(array_map(static fn (CookerRecord $c): FreeCookerView => new FreeCookerView(
                $c->id, $c->name, $c->cooker()->insideLength()->inCentimetres(), $c->cooker()->depth()->inCentimetres(),
            ), $free)), [] !== $this->cookers->all(),
        );
    }

    /** @return list<TodayJob> what is still to be put away of a meal that was closed */
    private function after(BraiseRecord $braise, CookRecord $cook): array
    {
        if (null === $cook->closedAt || $this->cooks->lately($braise, $this->house->now()) !== $cook) {
            return [];
        }
        $followed = $this->follow->cooking($cook);

        return State::Eaten !== $followed->underway?->state ? [] : array_map(static fn (TaskView $t): TodayJob => new TodayJob(
            $t->at, $t->clock, $t->text, $t->minutes, $t->hands, $t->who, $braise->id, $braise->title, '', $t->job,
        ), $this->pots->view($cook, $followed)->tasks);
    }

    /** One that can't be shown through a fault of ours says so; the others are. */
    private function unshown(BraiseRecord $braise): PlannedView
    {
        return new PlannedView(
            $braise->id, $braise->title, '', $this->wording->label('problem', 'not-worked-out'), '', false, null, null,
        );
    }

    /** @return list<array{BraiseRecord, \DateTimeImmutable|null}> with their dinners, the soonest first */
    private function inOrder(\DateTimeImmutable $now): array
    {
        $all = array_map(function (BraiseRecord $b): array {
            $typed = $b->draft['serveAt'] ?? '';

            return [$b, DraftOrder::moment(\is_string($typed) ? $typed : '', $this->house->record()->zone(), true)];
        }, $this->braises->all());
        usort($all, static fn (array $a, array $b): int => ($a[1] ?? $now) <=> ($b[1] ?? $now));

        return $all;
    }

    /** @return array{RunningView, list<TodayJob>} */
    private function running(BraiseRecord $braise, CookRecord $cook): array
    {
        $followed = $this->follow->cooking($cook);
        $view = $this->pots->view($cook, $followed);
        $worked = $this->presenter->view($braise->id, $braise->revision, $followed, $cook->id)->adaptation;
        $moment = null === $worked ? null : self::moment($worked, $cook, $this->house->now());

        return [new RunningView(
            $cook->id, $braise->id, \is_string($cook->draft['cookerId'] ?? null) ? $cook->draft['cookerId'] : '', $braise->title,
            $view->setting, $view->sinceOn, $view->next, $view->nextIn, $view->headline, $view->late,
            \count($view->flags), $worked?->pot, $moment,
            null === $moment ? '' : $this->house->measures()->temperature($moment->core), $this->pots->ribbon($followed),
        ), array_map(static fn (TaskView $t): TodayJob => new TodayJob(
            $t->at, $t->clock, $t->text, $t->minutes, $t->hands, $t->who, $braise->id, $braise->title, $cook->id, $t->job,
        ), $view->tasks)];
    }

    private static function moment(Adaptation $worked, CookRecord $cook, \DateTimeImmutable $now): ?MomentView
    {
        $hours = ($now->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600;
        $chosen = array_values(array_filter($worked->outcomes, static fn (OutcomeView $o): bool => $o->chosen))[0] ?? null;
        $last = null;
        foreach ($chosen->curve ?? [] as $moment) {
            $last = $moment->hour <= $hours ? $moment : $last;
        }

        return $last;
    }

    private static function planned(BraiseRecord $braise, BraiseView $view, string $taken, string $day): PlannedView
    {
        $adapted = $view->adaptation;

        return new PlannedView(
            $braise->id, $braise->title, $day, $adapted->verdict ?? $view->problems[0]->message ?? '',
            '' === $taken ? $adapted->worry ?? '' : $taken, null !== $adapted && !$adapted->wantsWay
                && '' === $taken, $adapted?->ribbon, $adapted?->pot,
        );
    }

    /** @return list<TodayJob> still to be done */
    private static function jobs(BraiseRecord $braise, BraiseView $view, \DateTimeImmutable $now): array
    {
        return array_values(array_map(static fn (JobView $j): TodayJob => new TodayJob(
            $j->from, $j->clock, $j->text, $j->minutes, $j->hands, $j->person, $braise->id, $braise->title, '',
            BraiseJobs::LOAD === $j->id ? '' : $j->id,
        ), array_filter(
            $view->adaptation->wholeDay->jobs ?? [],
            static fn (JobView $j): bool => 'done' !== $j->state && strtotime($j->to) > $now->getTimestamp(),
        )));
    }

    /**
     * Today's and this evening's; of the next day that has some, where nothing is left.
     *
     * @param list<TodayJob> $jobs
     *
     * @return array{string, list<TodayJob>} the day in words
     */
    private function ofOneDay(array $jobs, \DateTimeImmutable $now, Measures $measures): array
    {
        if ([] === $jobs) {
            return ['', []];
        }
        usort($jobs, static fn (TodayJob $a, TodayJob $b): int => strtotime($a->at) <=> strtotime($b->at));
        $ends = static function (\DateTimeImmutable $at): \DateTimeImmutable {
            $end = $at->modify(self::NEXT_DAY);

            return $end > $at ? $end : $end->modify('+1 day');
        };
        $until = max($ends($now), $ends((new \DateTimeImmutable($jobs[0]->at))->setTimezone($now->getTimezone())));
        $of = $until > $ends($now) ? $measures->day($until->modify('-1 day')) : $this->wording->label('today', 'today');

        return [$of, array_values(array_filter($jobs, static fn (TodayJob $j): bool => new \DateTimeImmutable($j->at) < $until))];
    }

    private function past(BraiseRecord $braise, ?CookRecord $cook, Measures $measures): PastView
    {
        $closed = $cook?->closedAt;

        return new PastView($braise->id, $braise->title, null === $closed
            ? $this->wording->label('list', 'past')
            : $this->wording->say('list.cooked', $measures, ['day' => $measures->day($closed)]), null !== $closed);
    }
}
