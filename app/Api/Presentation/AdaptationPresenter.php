<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Adaptation;
use Pausis\App\Api\Wire\CurvePoint;
use Pausis\App\Api\Wire\FindingView;
use Pausis\App\Api\Wire\FurtherMeatView;
use Pausis\App\Api\Wire\LedgerView;
use Pausis\App\Api\Wire\LevelView;
use Pausis\App\Api\Wire\LiquidView;
use Pausis\App\Api\Wire\MomentView;
use Pausis\App\Api\Wire\OutcomeView;
use Pausis\App\Api\Wire\PotView;
use Pausis\App\Api\Wire\RootView;
use Pausis\App\Api\Wire\SaltView;
use Pausis\App\Api\Wire\TaskView;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Api\Wire\WindowView;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\LateFoods;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Explain\LevelCost;
use Pausis\Core\Adaptation\Explain\Levels;
use Pausis\Core\Adaptation\Explain\PotInTime;
use Pausis\Core\Adaptation\FurtherMeat;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\TakeOut;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;
use Pausis\Core\Tenderness\Doneness;

/** The adapted braise in words and in the house's units. */
final readonly class AdaptationPresenter
{
    /** Less than this nobody tastes, g; and what a level teaspoon of fine salt weighs. */
    private const WORTH_SALTING = 1.0;
    public const SALT_A_TEASPOON = 6.0;
    private const EVENING_BEFORE = 'yesterday 21:00';

    /** Every third five-minute row is enough for a curve. */
    private const CURVE_STRIDE = 3;

    public function __construct(
        private Wording $wording, private DayPresenter $days, private RibbonPresenter $ribbons, private FollowedPresenter $followed,
        private MethodPresenter $methods, private House $house,
    ) {
    }

    public function present(WorkedBraise $worked, Measures $measures): Adaptation
    {
        $braise = $worked->braise();
        $chosen = $braise->chosen;
        $day = $braise->day();
        $order = $braise->order;
        $now = $this->house->now();
        $verdict = $this->told($worked, $measures);
        $worry = $this->worry($worked, $measures);

        return new Adaptation(
            $verdict,
            null === $worry || str_contains($verdict, $worry->text) ? '' : $worry->text,
            $worry->rule ?? '',
            $worry?->goOn,
            array_map(fn (Outcome $o): OutcomeView => $this->outcome($o, $o === $chosen, $braise, $measures), $braise->outcomes),
            $this->liquid($chosen, $measures),
            $this->salt($chosen, $measures),
            $this->pot($braise, $measures),
            array_map(fn (LedgerEntry $e): LedgerView => $this->ledger($e, $braise, $measures), $chosen->process->entries),
            $day instanceof DayPlan
                ? array_map(fn (Task $t): TaskView => $this->task($t, $braise, $day->serve, $measures), $day->tasks)
                : [],
            array_map(fn (Finding $f): FindingView => $this->finding($f, $worked, $measures), $braise->findings),
            $this->wording->sum($chosen->work->before(), $measures),
            $this->wording->sum($braise->finish(), $measures),
            $measures->mass($order->meat->joint->boneless->inGrams() + $order->meat->bone->inGrams()),
            $measures->length($order->meat->joint->thickness()->inCentimetres()),
            $order->serveAt->format(\DATE_ATOM),
            $measures->day($order->serveAt).', '.$measures->clock($order->serveAt),
            array_map(fn (LevelCost $l): LevelView => $this->level($l, $measures), Levels::apart($braise)),
            $this->looks($braise, $measures),
            null === $worked->whole || !$day instanceof DayPlan ? null : $this->days->present($worked, $day, $now, $measures),
            !$day instanceof DayPlan || null !== $braise->forbidden() || (null !== $worked->whole && !$worked->whole->possible),
            $this->ribbons->planned($braise, $worked->whole, $now, $measures),
            $this->methods->lines($worked, $measures),
            null === $worked->underway ? null : $this->followed->present($worked->underway, $now, $measures),
            $this->anotherDay($order, $now, $measures),
            null === $order->handling->eatenOn ? '' : self::dayAndTime($order->handling->eatenOn, $measures),
        );
    }

    private static function dayAndTime(\DateTimeImmutable $at, Measures $measures): string
    {
        return $measures->day($at).', '.$measures->clock($at);
    }

    /** Cooked the evening before, where there is one; or, where it is so, for the pot's own dinner again. Null once the pot is on. */
    private function anotherDay(BraiseOrder $order, \DateTimeImmutable $now, Measures $measures): ?WayView
    {
        $eaten = $order->handling->eatenOn;
        $zone = $this->house->record()->zone();
        $local = static fn (\DateTimeImmutable $at): string => $at->setTimezone($zone)->format('Y-m-d\TH:i');
        $evening = $order->serveAt->setTimezone($zone)->modify(self::EVENING_BEFORE);
        if ($order->handling->isOn || (null === $eaten && $evening <= $now)) {
            return null;
        }

        return null === $eaten
            ? new WayView(
                'day-before', $this->wording->say('way.cook-before', $measures),
                ['serveAt' => $local($evening), 'handling' => ['eatenOn' => $local($order->serveAt), 'start' => '']],
                self::dayAndTime($order->serveAt, $measures),
            )
            : new WayView(
                'same-day', $this->wording->say('way.eat-from-the-pot', $measures),
                ['serveAt' => $local($eaten), 'handling' => ['eatenOn' => '', 'start' => '']], self::dayAndTime($eaten, $measures),
            );
    }

    /** The verdict; of a braise under way, how it goes. */
    public function told(WorkedBraise $worked, Measures $measures): string
    {
        $underway = $worked->underway;
        $now = $this->house->now();
        if (null === $underway?->cook) {
            $said = null === $underway ? '' : $this->followed->beforeOn($underway, $now, $measures);

            return trim($this->verdict($worked->braise(), $measures).' '.$said);
        }

        return $this->wording->say('verdict.on', $measures, [
            'on' => $measures->clock($underway->cook->day->switchOn, $now),
            'setting' => $this->wording->label('setting', $worked->braise()->chosen->choice->value),
            'headline' => $this->followed->headline($underway, $now, $measures),
        ]);
    }

    public function verdict(AdaptedBraise $braise, Measures $measures): string
    {
        $worst = $braise->forbidden();
        if (null !== $worst) {
            return $this->wording->say(
                'verdict.refused', $measures, ['reason' => $this->wording->say("finding.$worst->rule", $measures, $worst->variables)],
            );
        }
        $day = $braise->day();
        if ($day instanceof Clash) {
            return $this->clash($day, $braise->chosen->choice, $braise->order->serveAt, $measures);
        }
        $test = $day->at(TaskKind::ForkTest);
        $clock = static fn (?Task $task): string => null === $task ? 'none' : $measures->clock($task->at, $day->serve);

        $likely = $day->at(TaskKind::LikelyReady);

        return $this->wording->say('verdict.plan', $measures, [
            'order' => null === $test ? 'none' : (null !== $likely && $test->at > $likely->at ? 'after' : 'before'),
            'on' => $measures->clock($day->switchOn, $day->serve),
            'setting' => $this->wording->label('setting', $braise->chosen->choice->value),
            'test' => $clock($test),
            'likely' => $clock($likely),
            'sauce' => $clock($day->at(TaskKind::Sauce)),
            'serve' => $measures->clock($day->serve),
            'eaten' => null === $braise->order->handling->eatenOn ? 'none' : self::dayAndTime($braise->order->handling->eatenOn,
                $measures),
        ]);
    }

    public function task(
        Task $task, AdaptedBraise $of, \DateTimeImmutable $today, Measures $measures, string $again = '',
        string $who = '',
    ): TaskView {
        $variables = [...$task->variables];
        if (isset($variables['setting'])) {
            $variables['setting'] = $this->wording->label('setting', (string) $variables['setting']);
        }
        $variables['delayMinutes'] ??= 'none';
        $variables['chilled'] = null === $of->order->handling->eatenOn ? 'no' : 'yes';
        $work = $of->chosen->work;
        $variables['jobs'] = $this->jobsOf($task, $work, $measures);
        // The sauce may wait a little for the plate; what it takes is its work.
        $minutes = TaskKind::Sauce === $task->kind ? (int) round($work->finish()->total) : $task->minutes;
        $key = 'task.'.$task->kind->value.(TaskKind::ForkTest === $task->kind ? $again : '');

        return new TaskView($task->kind->value, $task->at->format(\DATE_ATOM), $measures->clock($task->at, $today), $minutes,
            $this->wording->say("$key.text", $measures, $variables), $this->wording->say("$key.detail", $measures, $variables),
            who: $who);
    }

    /** What is done within a task, one piece of work after the other. */
    private function jobsOf(Task $task, Work $work, Measures $measures): string
    {
        $stages = match ($task->kind) {
            TaskKind::Prepare => [Stage::Before, Stage::Start],
            TaskKind::Sauce => [Stage::Finish, Stage::Table],
            TaskKind::Fridge => [Stage::Later],
            default => [],
        };

        return implode('; ', array_map(fn (Chore $c): string => $this->days->chore($c, $measures), $work->in(...$stages)));
    }

    /**
     * @param array<string, Window> $windows
     *
     * @return list<WindowView>
     */
    public function windows(array $windows, Measures $measures): array
    {
        $views = [];
        foreach (Doneness::cases() as $level) {
            $window = $windows[$level->value];
            $views[] = new WindowView($level->value, $this->wording->label('texture', $level->value),
                $window->earliest, $window->likely, $window->latest, $measures->span($window->earliest, $window->latest));
        }

        return $views;
    }

    /** @return list<CurvePoint> */
    public static function curve(Course $course): array
    {
        $points = [];
        foreach ($course->trace as $k => $row) {
            if (0 === $k % self::CURVE_STRIDE) {
                $points[] = new CurvePoint(round($row[0], 3), round($row[1], 1), round($row[2], 1));
            }
        }

        return $points;
    }

    /** @return list<MomentView> */
    private function course(Outcome $outcome, AdaptedBraise $braise, Measures $measures): array
    {
        $windows = $braise->windows($outcome);
        $setting = $this->wording->label('setting', $outcome->choice->value);

        return array_map(fn (PotInTime $p): MomentView => new MomentView(
            round($p->hour, 3), round($p->pot, 1), round($p->core, 1), round(100 * $p->level, 2),
            round($windows[$braise->order->wishes->texture->value]->shareBy($p->hour), 2),
            round($windows[Doneness::Past->value]->shareBy($p->hour), 2),
            $this->wording->say('moment.text', $measures, [
                'hours' => $p->hour, 'celsius' => $p->core, 'setting' => $setting,
            ]),
        ), PotInTime::of($outcome, self::CURVE_STRIDE));
    }

    /** The pot of the setting that is taken, so many hours after switching on. */
    public function moment(AdaptedBraise $braise, float $hours, Measures $measures): ?MomentView
    {
        $course = $this->course($braise->chosen, $braise, $measures);
        $seen = array_values(array_filter($course, static fn (MomentView $m): bool => $m->hour <= $hours));

        return [] === $seen ? null : $seen[\count($seen) - 1];
    }

    private function clash(Clash $clash, ProgramChoice $choice, \DateTimeImmutable $serve, Measures $measures): string
    {
        $variables = ['serve' => $measures->clock($serve), 'setting' => $this->wording->label('setting', $choice->value)];
        foreach (['latestStart' => 'latest', 'sauce' => 'sauce'] as $from => $to) {
            $at = $clash->variables[$from] ?? null;
            $variables[$to] = $at instanceof \DateTimeImmutable ? $measures->clock($at, $serve) : '';
        }
        $minutes = $clash->variables['minutes'] ?? 0;
        $text = $this->wording->say(
            'verdict.'.$clash->reason->value, $measures,
            [...$variables, ...self::hindrance($clash, $serve, $measures), 'minutes' => \is_float($minutes) ? $minutes : 0],
        );

        $nearest = $clash->serveFrom() ?? $clash->serveBefore();

        return null === $nearest ? $text
            : $text.' '.$this->wording->say('verdict.serve-from', $measures, ['serve' => $measures->clock($nearest, $serve)]);
    }

    /** @return array{why: string, from: string, until: string} */
    private static function hindrance(Clash $clash, \DateTimeImmutable $serve, Measures $measures): array
    {
        $of = $clash->hindrance?->interval;

        return [
            'why' => null === $of ? 'nobody' : $clash->hindrance->where->value ?? 'asleep',
            'from' => null === $of ? '' : $measures->clock($of->from, $serve),
            'until' => null === $of ? '' : $measures->clock($of->to, $serve),
        ];
    }

    /** The most serious. */
    private function worry(WorkedBraise $worked, Measures $measures): ?FindingView
    {
        foreach ($worked->braise()->findings as $finding) {
            if (Severity::Note !== $finding->severity) {
                return $this->finding($finding, $worked, $measures);
            }
        }

        return null;
    }

    /** @param float|null $at hours after switching on at which a thermometer is read; null for now */
    public function help(?Narrowing $help, ?float $at, Measures $measures): string
    {
        return null === $help ? '' : $this->wording->say('aid.'.$help->by->value.(null === $at ? '-now' : ''), $measures, [
            'fromHours' => $help->from, 'toHours' => $help->to, 'atHours' => $at ?? 0.0,
        ]);
    }

    private function outcome(Outcome $outcome, bool $chosen, AdaptedBraise $braise, Measures $measures): OutcomeView
    {
        $day = $braise->days[$outcome->choice->value];
        $works = $day instanceof DayPlan;
        $slowest = max($outcome->heating->core60->latest ?? 0.0, $outcome->heating->pot60->latest ?? 0.0);

        return new OutcomeView(
            $outcome->choice->value,
            $this->wording->label('setting', $outcome->choice->value),
            $this->windows($braise->windows($outcome), $measures),
            $this->course($outcome, $braise, $measures),
            null === $outcome->unsafe,
            null === $outcome->unsafe
                ? $this->wording->say('safety.fine', $measures, ['hours' => $outcome->heating->fridgeTo60])
                : $this->wording->say(
                    'slow-to-60' === $outcome->unsafe->rule ? 'safety.slow-to-60' : "finding.{$outcome->unsafe->rule}", $measures,
                    $outcome->unsafe->variables,
                ),
            $braise->works($outcome),
            $chosen,
            $chosen ? $this->whySetting($braise, $measures) : '',
            $works
                ? $this->wording->say('day.works', $measures, [
                    'on' => $measures->clock($day->switchOn, $day->serve),
                    'ready' => $measures->clock($day->at(TaskKind::LikelyReady)->at ?? $day->serve, $day->serve),
                    'serve' => $measures->clock($day->serve),
                ])
                : $this->wording->say('day.clash', $measures, ['reason' => $this->wording->label('clash-short', $day->reason->value)]),
            $works ? $day->switchOn->format(\DATE_ATOM) : '',
            $works ? ($day->serve->getTimestamp() - $day->switchOn->getTimestamp()) / 3600 : 0.0,
            $slowest,
            RibbonPresenter::pots($braise->windows($outcome), $braise->order->wishes->texture),
            $works ? $measures->clock(self::after($day->switchOn, $slowest), $day->serve) : '',
            $works ? $measures->clock(
                self::after($day->switchOn, Rules::HOURS_TO_60 - $outcome->heating->fridgeTo60 + $slowest), $day->serve,
            ) : '',
            $measures->temperature(Rules::HOLDING_CELSIUS),
            $this->help($braise->help($outcome), $outcome->helpAt, $measures),
        );
    }

    private function whySetting(AdaptedBraise $braise, Measures $measures): string
    {
        $passed = $braise->passedOver();

        return $this->wording->say('setting-why.'.$braise->whySetting()->value, $measures, [
            'passed' => null === $passed ? 'none' : $this->wording->label('setting', $passed->value),
            'whose' => [] === $braise->order->ownSettings() ? 'house' : 'recipe',
        ]);
    }

    private function liquid(Outcome $outcome, Measures $measures): LiquidView
    {
        $sauce = $outcome->sauce;
        $minutes = $outcome->process->first(Stage::Finish, ActKind::Reduce)->variables['minutes'] ?? 0.0;

        return new LiquidView(
            $measures->volume($sauce->load),
            $measures->volume($sauce->recipe),
            $measures->volume($sauce->target),
            $sauce->reduce > 0 ? $measures->volume($sauce->reduce) : '',
            $this->wording->sum($sauce->original, $measures),
            $this->wording->sum($sauce->atEnd, $measures),
            $this->wording->say($sauce->reduce > 0 ? 'liquid.text-reduce' : 'liquid.text', $measures, [
                'loadMl' => $sauce->load, 'recipeMl' => $sauce->recipe, 'reduceMl' => $sauce->reduce, 'minutes' => $minutes,
                'same' => $measures->volume($sauce->load) === $measures->volume($sauce->recipe) ? 'yes' : 'no',
            ]),
        );
    }

    private function level(LevelCost $cost, Measures $measures): LevelView
    {
        return new LevelView(
            $cost->school->value,
            $this->wording->label('level', $cost->school->value),
            $this->wording->label('level-hint', $cost->school->value),
            100 * $cost->levelMetres,
            $measures->volume($cost->load),
            $this->wording->say('level-cost', $measures, [
                'loadMl' => $cost->load, 'minutes' => $cost->reduceMinutes, 'reduces' => $cost->reduce > 0 ? 'yes' : 'no',
                'saltPercent' => $cost->saltPercent,
            ]),
        );
    }

    private function looks(AdaptedBraise $braise, Measures $measures): string
    {
        $count = \count($braise->order->handling->lidLifts);

        return $this->wording->say(
            $count > 0 ? 'looks.planned' : 'looks.one', $measures, ['count' => $count,
                'minutes' => $braise->chosen->heating->lookMinutes],
        );
    }

    private function salt(Outcome $outcome, Measures $measures): SaltView
    {
        $salt = $outcome->salt;
        $percent = static fn (float $value): string => (string) $measures->variable('percent', $value);

        return new SaltView(
            $percent($salt->percentBefore),
            $percent($salt->percentAfter),
            $salt->holdBackGrams >= 0.5 ? $measures->mass($salt->holdBackGrams) : '',
            $this->wording->sum($salt->sum, $measures),
            $this->wording->say('salt.text', $measures, [
                'beforePercent' => $salt->percentBefore, 'afterPercent' => $salt->percentAfter,
                'reduced' => $outcome->sauce->reduce > 0 ? 'yes' : 'no',
                'missing' => $salt->missingGrams >= self::WORTH_SALTING ? 'yes' : 'no', 'grams' => $salt->missingGrams,
                'teaspoons' => (string) $measures->variable('spoons', $salt->missingGrams / self::SALT_A_TEASPOON),
                'unmeasured' => [] === $salt->unmeasured ? 'none' : implode(', ', $salt->unmeasured),
            ]),
        );
    }

    /** The pot as loaded, to scale. */
    public function pot(AdaptedBraise $braise, Measures $measures): PotView
    {
        $order = $braise->order;
        $chosen = $braise->chosen;
        $geometry = $chosen->filling->geometry;
        $piece = $order->meat->joint->piece;
        $depth = $order->cooker->depth()->inCentimetres();

        return new PotView(
            $depth,
            $order->cooker->insideLength()->inCentimetres(),
            100 * $geometry->vegetableHeight,
            100 * $geometry->meatHeight,
            [200 * $piece->a, 200 * $piece->b, 200 * $piece->c],
            $order->meat->joint->count,
            $geometry->layers,
            $chosen->filling->levels[0] * $depth,
            $chosen->filling->levels[1] * $depth,
            $chosen->filling->fill,
            $this->wording->say('pot.fill', $measures, ['percent' => 100 * $chosen->filling->fill]),
            $this->wording->say('pot.text', $measures, [
                'depthCm' => $depth,
                'vegetables' => $geometry->vegetableHeight > 0 ? $measures->length(100 * $geometry->vegetableHeight) : 'none',
                'pieces' => $order->meat->joint->count,
                'thickCm' => $order->meat->joint->thickness()->inCentimetres(),
                'layers' => $geometry->layers,
                'levelCm' => $chosen->filling->levels[0] * $depth,
                'endCm' => $chosen->filling->levels[1] * $depth,
                'percent' => 100 * $chosen->filling->fill,
            ]),
            $this->wording->sum($geometry->belowLevel($chosen->sauce->load), $measures),
            $order->meat->bone->kilograms > 0,
            100 * $geometry->heightOf(MeatJuice::renderedFat(
                $order->meat->all(), $order->meat->joint->needHours,
            )->inGrams() / MeatJuice::FAT_DENSITY),
            $order->handling->layers->value,
            self::roots($braise),
            array_map(static fn (TakeOut $t): string => $t->name, array_values(array_filter(
                $order->toTakeOut(), static fn (TakeOut $t): bool => 'bones' !== $t->name,
            ))),
            $measures->length($chosen->filling->levels[0] * $depth),
            $measures->length($chosen->filling->levels[1] * $depth),
            $measures->mass(array_sum(array_column(self::rootGrams($braise), 1))),
            $measures->volume(
                MeatJuice::renderedFat($order->meat->all(), $order->meat->joint->needHours)->inGrams() / MeatJuice::FAT_DENSITY,
            ),
            $this->wording->say('pot.height', $measures, ['heightCm' => $chosen->filling->fill * $depth, 'depthCm' => $depth]),
            array_map(static fn (FurtherMeat $m): FurtherMeatView => new FurtherMeatView(
                $m->id, $m->name, $m->joint->count, $measures->length($m->joint->thickness()->inCentimetres()),
                $measures->mass($m->joint->boneless->inGrams() + $m->bone->inGrams()),
            ), $order->meat->others),
        );
    }

    /** @return list<RootView> */
    private static function roots(AdaptedBraise $braise): array
    {
        $grams = self::rootGrams($braise);
        $all = array_sum(array_column($grams, 1));
        usort($grams, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return array_map(static fn (array $one): RootView => new RootView($one[0], round($one[1] / $all, 3)), $grams);
    }

    /** @return list<array{string, float}> food and grams of what lies with the meat from the start */
    private static function rootGrams(AdaptedBraise $braise): array
    {
        $roots = [];
        $late = LateFoods::of($braise->order, []);
        foreach ($braise->order->potIngredients() as $i) {
            if ($i->role->liesWithTheMeat() && (float) $i->grams > 0 && !isset($late[$i->key()])) {
                $roots[] = [$i->food->id ?? $i->foodText, (float) $i->grams];
            }
        }

        return $roots;
    }

    private static function after(\DateTimeImmutable $at, float $hours): \DateTimeImmutable
    {
        return $at->setTimestamp($at->getTimestamp() + (int) round(3600 * $hours));
    }

    private function ledger(LedgerEntry $entry, AdaptedBraise $braise, Measures $measures): LedgerView
    {
        $variables = $braise->timed($entry->variables);
        foreach ([
            'setting' => 'setting', 'method' => 'method', 'thickness' => 'thickness', 'thickener' => 'thickener',
        ] as $name => $choice) {
            if (isset($variables[$name])) {
                $variables[$name] = mb_strtolower($this->wording->label($choice, (string) $variables[$name]));
            }
        }
        if (isset($variables['setting'])) {
            $variables['setting'] = mb_convert_case((string) $variables['setting'], \MB_CASE_TITLE);
        }

        return new LedgerView(
            $entry->code,
            $this->wording->say("ledger.$entry->code.was", $measures, $variables),
            $this->wording->say("ledger.$entry->code.is", $measures, $variables),
            $this->wording->say("ledger.$entry->code.why", $measures, $variables),
            null === $entry->sum ? null : $this->wording->sum($entry->sum, $measures),
            $entry->key,
            $entry->refused,
            null === $entry->amount ? '' : $measures->volume($entry->amount),
            $this->wording->label($entry->isChoice() ? 'choice' : 'change', $entry->refused ? 'back' : 'refuse'),
            $entry->refused ? $this->wording->label($entry->isChoice() ? 'choice' : 'change', 'refused') : '',
            $entry->isChoice(),
        );
    }

    private function finding(Finding $finding, WorkedBraise $worked, Measures $measures): FindingView
    {
        $braise = $worked->braise();
        $remedy = Severity::Note === $finding->severity ? null : $braise->remedies[$finding->rule] ?? null;

        return new FindingView(
            $finding->rule,
            $finding->severity->value,
            $this->wording->say("finding.$finding->rule", $measures, $finding->variables),
            null !== $remedy,
            $finding->isOfQuality() ? $this->goOn($finding, $worked, $measures) : null,
        );
    }

    /** To go on all the same, or to take that back. */
    private function goOn(Finding $finding, WorkedBraise $worked, Measures $measures): WayView
    {
        $key = $finding->notedAs();
        $noted = \in_array($key, $worked->draft->refused, true);
        $refused = $noted ? array_values(array_diff($worked->draft->refused, [$key])) : [...$worked->draft->refused, $key];

        return new WayView($key, $this->wording->say($noted ? 'way.noted' : 'way.go-on', $measures), ['refused' => $refused], '');
    }
}
