<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Adaptation;
use Pausis\App\Api\Wire\CurvePoint;
use Pausis\App\Api\Wire\FindingView;
use Pausis\App\Api\Wire\LedgerView;
use Pausis\App\Api\Wire\LevelView;
use Pausis\App\Api\Wire\LiquidView;
use Pausis\App\Api\Wire\OutcomeView;
use Pausis\App\Api\Wire\PotView;
use Pausis\App\Api\Wire\SaltView;
use Pausis\App\Api\Wire\TaskView;
use Pausis\App\Api\Wire\WayView;
use Pausis\App\Api\Wire\WindowView;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\LedgerEntry;
use Pausis\Core\Adaptation\LevelCost;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SettingOutcome;
use Pausis\Core\Adaptation\WayOut;
use Pausis\Core\Adaptation\WholeDay;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Task;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Severity;
use Pausis\Core\Tenderness\Doneness;

/** The adapted braise in words and in the house's units. */
final readonly class AdaptationPresenter
{
    /** Every third five-minute row is enough for a curve. */
    private const CURVE_STRIDE = 3;

    public function __construct(private Wording $wording, private DayPresenter $days)
    {
    }

    public function present(AdaptedBraise $braise, Measures $measures, ?WholeDay $whole = null): Adaptation
    {
        $chosen = $braise->chosen;
        $day = $chosen->day;
        [$worry, $remedy, $remedyText] = $this->worry($braise, $measures);

        return new Adaptation(
            $this->verdict($braise, $measures),
            $worry,
            $remedy,
            $remedyText,
            preg_match('/^cut-in-(\d)$/', $remedy, $parts) ? $measures->length($braise->order->joint->cutInto((int) $parts[1])->thickness()->inCentimetres()) : '',
            array_map(fn (SettingOutcome $o): OutcomeView => $this->outcome($o, $o === $chosen, $braise, $measures), $braise->outcomes),
            $this->liquid($chosen, $measures),
            $this->salt($chosen, $measures),
            $this->pot($braise, $measures),
            array_map(fn (LedgerEntry $e): LedgerView => $this->ledger($e, $measures), $braise->ledger),
            $day instanceof DayPlan ? array_map(fn (Task $t): TaskView => $this->task($t, $day->serve, $measures), $day->tasks) : [],
            array_map(fn (Finding $f): FindingView => $this->finding($f, $measures), $braise->findings),
            $this->wording->sum($chosen->before, $measures),
            $this->wording->sum($chosen->finish, $measures),
            $measures->mass($braise->order->joint->boneless->inGrams() + $braise->order->bone->inGrams()),
            $measures->length($braise->order->joint->thickness()->inCentimetres()),
            $braise->order->serveAt->format(\DATE_ATOM),
            $day instanceof Clash ? ($day->serveFrom?->setTimezone($braise->order->serveAt->getTimezone())->format('Y-m-d\TH:i') ?? '') : '',
            $measures->day($braise->order->serveAt).', '.$measures->clock($braise->order->serveAt),
            array_map(fn (LevelCost $l): LevelView => $this->level($l, $measures), $braise->levels),
            $this->looks($braise, $measures),
            null === $whole || !$day instanceof DayPlan ? null : $this->days->present($whole, $braise, $day, $measures),
            array_map(fn (WayOut $w): WayView => $this->way($w, $braise, $measures), $braise->ways),
        );
    }

    public function verdict(AdaptedBraise $braise, Measures $measures): string
    {
        $worst = $braise->forbidden();
        if (null !== $worst) {
            return $this->wording->say('verdict.refused', $measures, ['reason' => $this->finding($worst, $measures)->text]);
        }
        $day = $braise->chosen->day;
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
        ]);
    }

    public function task(Task $task, \DateTimeImmutable $today, Measures $measures, string $again = ''): TaskView
    {
        $variables = [...$task->variables];
        if (isset($variables['setting'])) {
            $variables['setting'] = $this->wording->label('setting', (string) $variables['setting']);
        }
        $variables['delayMinutes'] ??= 'none';
        $key = 'task.'.$task->kind->value.(TaskKind::ForkTest === $task->kind ? $again : '');

        return new TaskView($task->kind->value, $task->at->format(\DATE_ATOM), $measures->clock($task->at, $today), $task->minutes,
            $this->wording->say("$key.text", $measures, $variables), $this->wording->say("$key.detail", $measures, $variables));
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

    private function clash(Clash $clash, ProgramChoice $choice, \DateTimeImmutable $serve, Measures $measures): string
    {
        $variables = ['serve' => $measures->clock($serve), 'setting' => $this->wording->label('setting', $choice->value)];
        foreach (['latestStart' => 'latest', 'sauce' => 'sauce'] as $from => $to) {
            $at = $clash->variables[$from] ?? null;
            $variables[$to] = $at instanceof \DateTimeImmutable ? $measures->clock($at, $serve) : '';
        }
        $minutes = $clash->variables['minutes'] ?? 0;
        $text = $this->wording->say('verdict.'.$clash->reason->value, $measures, [...$variables, 'minutes' => \is_float($minutes) ? $minutes : 0]);

        return null === $clash->serveFrom ? $text
            : $text.' '.$this->wording->say('verdict.serve-from', $measures, ['serve' => $measures->clock($clash->serveFrom, $serve)]);
    }

    /** @return array{string, string, string} the most serious worry, and the code and words of a change that was checked to help */
    private function worry(AdaptedBraise $braise, Measures $measures): array
    {
        foreach ($braise->findings as $finding) {
            if (Severity::Note !== $finding->severity) {
                $view = $this->finding($finding, $measures);

                return [$view->text, $view->remedy, $view->remedyText];
            }
        }
        $day = $braise->chosen->day;
        if ($day instanceof Clash) {
            foreach ($braise->outcomes as $other) {
                if ($other->works()) {
                    return ['', 'setting-'.$other->choice->value, $this->wording->say('remedy.setting-'.$other->choice->value, $measures)];
                }
            }
            if (null !== $day->serveFrom) {
                return ['', 'serve-from', $this->wording->say('remedy.serve-from', $measures, ['serve' => $measures->clock($day->serveFrom, $braise->order->now)])];
            }
        }

        return ['', '', ''];
    }

    private function outcome(SettingOutcome $outcome, bool $chosen, AdaptedBraise $braise, Measures $measures): OutcomeView
    {
        $day = $outcome->day;
        $works = $day instanceof DayPlan;
        $slowest = max($outcome->core60->latest ?? 0.0, $outcome->pot60->latest ?? 0.0);

        return new OutcomeView(
            $outcome->choice->value,
            $this->wording->label('setting', $outcome->choice->value),
            $this->windows($outcome->windows, $measures),
            self::curve($outcome->best),
            null === $outcome->unsafe,
            null === $outcome->unsafe
                ? $this->wording->say('safety.fine', $measures, ['hours' => $outcome->fridgeTo60])
                : $this->wording->say('slow-to-60' === $outcome->unsafe->rule ? 'safety.slow-to-60' : "finding.{$outcome->unsafe->rule}", $measures, $outcome->unsafe->variables),
            $outcome->works(),
            $chosen,
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
        );
    }

    private function liquid(SettingOutcome $outcome, Measures $measures): LiquidView
    {
        $sauce = $outcome->sauce;
        $minutes = 0.0;
        foreach ($outcome->finish->terms as $term) {
            $minutes += 'reduce' === $term->code ? $term->value : 0.0;
        }

        return new LiquidView(
            $measures->volume($sauce->load),
            $measures->volume($sauce->recipe),
            $measures->volume($sauce->target),
            $sauce->reduce > 0 ? $measures->volume($sauce->reduce) : '',
            $this->wording->sum($sauce->original, $measures),
            $this->wording->sum($sauce->atEnd, $measures),
            $this->wording->say($sauce->reduce > 0 ? 'liquid.text-reduce' : 'liquid.text', $measures, [
                'loadMl' => $sauce->load, 'recipeMl' => $sauce->recipe, 'reduceMl' => $sauce->reduce, 'minutes' => $minutes,
            ]),
        );
    }

    private function way(WayOut $way, AdaptedBraise $braise, Measures $measures): WayView
    {
        $day = $braise->chosen->day;
        $order = $braise->order;
        $serve = $day instanceof Clash && null !== $day->serveFrom ? $day->serveFrom->setTimezone($order->serveAt->getTimezone()) : null;
        $value = match ($way->code) {
            'serve-from' => null === $serve ? '' : $serve->format('Y-m-d\TH:i'),
            'day-before' => $order->serveAt->modify('-1 day')->format('Y-m-d').'T21:00',
            'cut' => (int) $way->value * $order->joint->count.'|'.$measures->length($order->joint->cutInto((int) $way->value)->thickness()->inCentimetres()),
            default => $way->value,
        };

        return new WayView($way->code, $value, $this->wording->say("way.$way->code", $measures, [
            'setting' => 'setting' === $way->code || 'day-before' === $way->code ? $this->wording->label('setting', $way->value) : '',
            'parts' => $way->value, 'hours' => (float) $way->value, 'serve' => null === $serve ? '' : $measures->clock($serve, $order->now),
        ]));
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
                'loadMl' => $cost->load, 'minutes' => $cost->reduceMinutes, 'reduces' => $cost->reduce > 0 ? 'yes' : 'no', 'saltPercent' => $cost->saltPercent,
            ]),
        );
    }

    private function looks(AdaptedBraise $braise, Measures $measures): string
    {
        $count = \count($braise->order->handling->lidLifts);

        return $this->wording->say($count > 0 ? 'looks.planned' : 'looks.one', $measures, ['count' => $count, 'minutes' => $braise->chosen->lookMinutes]);
    }

    private function salt(SettingOutcome $outcome, Measures $measures): SaltView
    {
        $salt = $outcome->salt;
        $percent = static fn (float $value): string => (string) $measures->variable('percent', $value);

        return new SaltView(
            $percent($salt->percentBefore),
            $percent($salt->percentAfter),
            $salt->holdBackGrams >= 0.5 ? $measures->mass($salt->holdBackGrams) : '',
            $this->wording->sum($salt->sum, $measures),
            $this->wording->say('salt.text', $measures, [
                'beforePercent' => $salt->percentBefore, 'afterPercent' => $salt->percentAfter, 'reduced' => $outcome->sauce->reduce > 0 ? 'yes' : 'no',
            ]),
        );
    }

    private function pot(AdaptedBraise $braise, Measures $measures): PotView
    {
        $order = $braise->order;
        $chosen = $braise->chosen;
        $geometry = $chosen->geometry;
        $piece = $order->joint->piece;
        $depth = $order->cooker->depth()->inCentimetres();

        return new PotView(
            $depth,
            $order->cooker->insideLength()->inCentimetres(),
            100 * $geometry->vegetableHeight,
            100 * $geometry->meatHeight,
            [200 * $piece->a, 200 * $piece->b, 200 * $piece->c],
            $order->joint->count,
            $geometry->layers,
            $chosen->levels[0] * $depth,
            $chosen->levels[1] * $depth,
            $chosen->fill,
            $this->wording->say('pot.fill', $measures, ['percent' => 100 * $chosen->fill]),
            $this->wording->say('pot.text', $measures, [
                'depthCm' => $depth,
                'vegetables' => $geometry->vegetableHeight > 0 ? $measures->length(100 * $geometry->vegetableHeight) : 'none',
                'pieces' => $order->joint->count,
                'thickCm' => $order->joint->thickness()->inCentimetres(),
                'layers' => $geometry->layers,
                'levelCm' => $chosen->levels[0] * $depth,
                'endCm' => $chosen->levels[1] * $depth,
                'percent' => 100 * $chosen->fill,
            ]),
            $this->wording->sum($geometry->belowLevel($chosen->sauce->load), $measures),
            $order->bone->kilograms > 0,
            100 * $geometry->heightOf(MeatJuice::renderedFat($order->joint, $order->joint->needHours)->inGrams() / MeatJuice::FAT_DENSITY),
            $order->handling->layers->value,
        );
    }

    private function ledger(LedgerEntry $entry, Measures $measures): LedgerView
    {
        $variables = $entry->variables;
        foreach (['setting' => 'setting', 'method' => 'method', 'thickness' => 'thickness', 'thickener' => 'thickener'] as $name => $choice) {
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
        );
    }

    private function finding(Finding $finding, Measures $measures): FindingView
    {
        return new FindingView(
            $finding->rule,
            $finding->severity->value,
            $this->wording->say("finding.$finding->rule", $measures, $finding->variables),
            $finding->remedy ?? '',
            null === $finding->remedy ? '' : $this->wording->say("remedy.$finding->remedy", $measures),
        );
    }
}
