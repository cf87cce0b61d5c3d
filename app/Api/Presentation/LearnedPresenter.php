<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\HeldWindow;
use Pausis\App\Api\Wire\HonestyView;
use Pausis\App\Api\Wire\LearnedPoint;
use Pausis\App\Api\Wire\LearnedThing;
use Pausis\App\Api\Wire\LearnedView;
use Pausis\App\Api\Wire\TickView;
use Pausis\App\Kitchen\Cooked;
use Pausis\App\Kitchen\Drafts;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\PlanBraise;
use Pausis\App\Store\BraiseRecord;
use Pausis\App\Store\Braises;
use Pausis\App\Store\CookerRecord;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\Learned;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\Normal;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Notebook\Held;
use Pausis\Core\Notebook\Honesty;

/** What the house has learned, cook by cook, and how its windows have held, in words and for pictures. */
final readonly class LearnedPresenter
{
    /** Of the windows that are drawn, the last so many. */
    private const MOST_DRAWN = 60;
    private const HALF_HOURS = 4;
    private const NEED = 'need ';

    public function __construct(
        private Notebook $notebook, private Learned $learned, private Cookers $cookers, private Cuts $cuts, private Cooked $cooked,
        private House $house, private Wording $wording, private Braises $braises, private PlanBraise $plan, private Drafts $drafts,
        private AdaptationPresenter $adaptations,
    ) {
    }

    public function present(): LearnedView
    {
        $measures = $this->house->measures();
        $entries = $this->notebook->all();
        $counted = array_values(array_filter($entries, static fn (NotebookRecord $n): bool => !$n->leftOut));
        $belief = $this->learned->belief();
        $honesty = $this->honesty($counted, $measures);

        return new LearnedView(
            $this->wording->say('learned.from', $measures, [
                'count' => \count($counted), 'left' => \count($entries) - \count($counted),
            ]),
            array_map(fn (CookerRecord $c): LearnedThing => $this->cooker($c, $belief, $counted, $measures), $this->cookers->all()),
            $this->cutsLearned($belief, $counted, $measures), $this->household($belief, $counted, $measures), $honesty['views'],
            array_map(fn (int $h): TickView => new TickView($h, $this->wording->say('learned.beside', $measures, [
                'hours' => abs($h), 'way' => ['before', 'middle', 'after'][1 + ($h <=> 0)],
            ])), range(-self::HALF_HOURS, self::HALF_HOURS, 2)),
            $honesty['text'], $honesty['narrowed'], $this->next($measures),
        );
    }

    /** @param list<NotebookRecord> $counted */
    private function cooker(CookerRecord $cooker, Belief $belief, array $counted, Measures $measures): LearnedThing
    {
        $low = [Knowledge::heatOf($cooker->id), Knowledge::lowOf($cooker->id)];
        $cooks = $belief->cooks($low[0]);
        $known = self::interval($belief, $low);
        $course = self::course($counted, static fn (NotebookRecord $n): bool => $n->cookerId === $cooker->id, $low, $measures);

        return new LearnedThing($cooker->id, $cooker->name, $this->wording->say('learned.cooker', $measures, [
            ...self::variables($known, $measures),
            'cooks' => $cooks, 'tested' => 0 === $cooks && isset($belief->means[$low[0]]) ? 'yes' : 'no',
        ]), $course, self::ticks($course));
    }

    /**
     * @param list<NotebookRecord> $counted
     *
     * @return list<LearnedThing>
     */
    private function cutsLearned(Belief $belief, array $counted, Measures $measures): array
    {
        $things = [];
        foreach (array_keys($belief->means) as $factor) {
            $cut = str_starts_with($factor, self::NEED) ? substr($factor, \strlen(self::NEED)) : '';
            if ('' === $cut || 0 === $belief->cooks($factor)) {
                continue;
            }
            $factors = [Knowledge::FORK, $factor];
            $known = self::interval($belief, $factors);
            $course = self::course($counted, static fn (NotebookRecord $n): bool => $n->cut === $cut, $factors, $measures);
            $things[] = new LearnedThing('', $this->cuts->find($cut)->name ?? $cut, $this->wording->say('learned.cut', $measures, [
                ...self::variables($known, $measures),
                'cooks' => $belief->cooks($factor),
            ]), $course, self::ticks($course));
        }

        return $things;
    }

    /**
     * @param list<NotebookRecord> $counted
     *
     * @return list<LearnedThing>
     */
    private function household(Belief $belief, array $counted, Measures $measures): array
    {
        $known = self::interval($belief, [Knowledge::FORK]);
        $late = [];
        foreach ($counted as $entry) {
            [$serve, $eaten] = [$entry->planned['serve'] ?? null, $entry->happened['serve'] ?? null];
            if (\is_string($serve) && \is_string($eaten)) {
                $late[] = ((new \DateTimeImmutable($eaten))->getTimestamp() - (new \DateTimeImmutable($serve))->getTimestamp()) / 60;
            }
        }
        sort($late);
        $inTime = \count(array_filter($late, static fn (float $minutes): bool => $minutes <= 10));

        return array_values(array_filter([
            $belief->cooks(Knowledge::FORK) > 0
                ? new LearnedThing('', $this->wording->label('learned', 'fork'), $this->wording->say('learned.household', $measures, [
                    ...self::variables($known, $measures),
                ]), [], [])
                : null,
            [] === $late ? null : new LearnedThing('', $this->wording->label('learned', 'dinner'), $this->wording->say(
                'learned.punctual', $measures, [
                    'inTime' => $inTime, 'of' => \count($late), 'middleMinutes' => abs($late[intdiv(\count($late), 2)]),
                    'way' => $late[intdiv(\count($late), 2)] < 0 ? 'early' : 'late',
                ],
            ), [], []),
        ]));
    }

    /**
     * @param list<NotebookRecord> $counted
     *
     * @return array{views: list<HonestyView>, text: string, narrowed: string}
     */
    private function honesty(array $counted, Measures $measures): array
    {
        $all = new Honesty();
        $by = $windows = [];
        foreach ($counted as $entry) {
            [$earliest, $likely, $latest] = array_map(
                static fn (string $k): ?float => is_numeric($entry->planned[$k] ?? null) ? (float) $entry->planned[$k] : null,
                ['earliestHours', 'likelyHours', 'latestHours'],
            );
            $ready = $this->cooked->ready($entry);
            $setting = $entry->setting;
            $all->count($ready, $earliest, $latest);
            ($by[$setting] ??= new Honesty())->count($ready, $earliest, $latest);
            if (null !== $earliest && null !== $likely && null !== $latest) {
                $windows[$setting][] = new HeldWindow(
                    $entry->id, "$entry->title, ".$measures->day($entry->cookedOn), $this->cooked->held($entry)->value,
                    $earliest - $likely, $latest - $likely, null === $ready->after ? null : $ready->after - $likely,
                    null === $ready->by ? null : $ready->by - $likely,
                );
            }
        }
        $views = [];
        foreach ($by as $setting => $one) {
            $views[] = new HonestyView(
                $this->wording->label('setting', $setting), $this->held($one, 'learned.on', $measures),
                \array_slice($windows[$setting] ?? [], -self::MOST_DRAWN),
            );
        }
        $widths = $all->widths();

        return [
            'views' => $views, 'text' => 0 === $all->of() ? '' : $this->held($all, 'learned.honesty', $measures),
            'narrowed' => null === $widths ? '' : $this->wording->say('learned.narrowed', $measures, [
                'firstHours' => $widths[0], 'lastHours' => $widths[1], 'way' => $widths[1] < $widths[0] ? 'narrower' : 'wider',
            ]),
        ];
    }

    private function held(Honesty $honesty, string $key, Measures $measures): string
    {
        [$inTime, $timely] = $honesty->inTime();

        return $this->wording->say($key, $measures, [
            'of' => $honesty->of(), 'inside' => $honesty->held(Held::Inside), 'soon' => $honesty->held(Held::TooSoon),
            'late' => $honesty->held(Held::TooLate), 'untold' => $honesty->held(Held::Untold),
            'told' => $honesty->of() - $honesty->held(Held::Untold), 'inTime' => $inTime, 'timely' => $timely,
        ]);
    }

    /** Of the braise that is planned next. */
    private function next(Measures $measures): string
    {
        $now = $this->house->now();
        $planned = array_values(array_filter(
            $this->braises->all(), static fn (BraiseRecord $b): bool => \is_int($b->plan['serve'] ?? null)
                && $b->plan['serve'] > $now->getTimestamp(),
        ));
        usort($planned, static fn (BraiseRecord $a, BraiseRecord $b): int => ($a->plan['serve'] ?? 0) <=> ($b->plan['serve'] ?? 0));
        $braise = $planned[0] ?? null;
        $worked = null === $braise ? null : $this->plan->work($braise->id, $this->drafts->fromArray($braise->draft));
        $chosen = $worked?->adapted?->chosen;

        return null === $braise || null === $chosen ? '' : $this->wording->say('learned.next', $measures, [
            'title' => $braise->title,
            'help' => null === $chosen->help ? 'none' : $this->adaptations->help($chosen->help, $chosen->helpAt, $measures),
        ]);
    }

    /**
     * @param list<NotebookRecord>           $counted
     * @param callable(NotebookRecord): bool $of
     * @param list<string>                   $factors whose sum it is
     *
     * @return list<LearnedPoint> cook by cook
     */
    private static function course(array $counted, callable $of, array $factors, Measures $measures): array
    {
        $points = [];
        foreach ($counted as $entry) {
            $after = $entry->cook->closing['after'] ?? null;
            if (null !== $after && $of($entry)) {
                $points[] = new LearnedPoint($measures->day($entry->cookedOn), ...self::interval(Belief::kept($after), $factors));
            }
        }

        return $points;
    }

    /**
     * Percent beside what was thought at first: the middle, and what nine in ten lie between.
     *
     * @param list<string> $factors
     *
     * @return array{float, float, float}
     */
    private static function interval(Belief $belief, array $factors): array
    {
        $mean = array_sum(array_map($belief->mean(...), $factors));
        $off = Normal::quantile(0.95) * sqrt(max(0.0, $belief->of([$factors], [0.0])->rows[0][0]));
        $percent = static fn (float $log): float => 100 * (exp($log) - 1);

        return [$percent($mean), $percent($mean - $off), $percent($mean + $off)];
    }

    /**
     * @param array{float, float, float} $known percent
     *
     * @return array<string, string|float>
     */
    private static function variables(array $known, Measures $measures): array
    {
        return [
            'percent' => round(abs($known[0])), 'way' => self::way($known[0]), 'least' => $measures->number($known[1], 0),
            'most' => $measures->number($known[2], 0),
        ];
    }

    private static function way(float $percent): string
    {
        return match (true) {
            abs($percent) < 1 => 'same',
            $percent < 0 => 'less',
            default => 'more',
        };
    }

    /**
     * @param list<LearnedPoint> $course
     *
     * @return list<TickView> percent, nought among them
     */
    private static function ticks(array $course): array
    {
        if ([] === $course) {
            return [];
        }
        $most = max(array_map(static fn (LearnedPoint $p): float => max(abs($p->least), abs($p->most)), $course));
        $step = $most > 20 ? 20 : 10;
        $reach = $step * (int) ceil($most / $step);

        return array_map(
            static fn (int $p): TickView => new TickView($p, 0 === $p ? '0' : \sprintf('%s%d %%', $p > 0 ? '+' : '−', abs($p))),
            range(-$reach, $reach, $step),
        );
    }
}
