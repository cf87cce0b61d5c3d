<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\Choice;
use Pausis\App\Api\Wire\CookedLaneView;
use Pausis\App\Api\Wire\CookedMark;
use Pausis\App\Api\Wire\CookedPageView;
use Pausis\App\Api\Wire\CookedView;
use Pausis\App\Api\Wire\CourseView;
use Pausis\App\Api\Wire\EventView;
use Pausis\App\Api\Wire\NotebookLine;
use Pausis\App\Api\Wire\NotebookView;
use Pausis\App\Api\Wire\TickView;
use Pausis\App\Kitchen\Cooked;
use Pausis\App\Kitchen\House;
use Pausis\App\Store\Cookers;
use Pausis\App\Store\CookRecord;
use Pausis\App\Store\EventKind;
use Pausis\App\Store\Notebook;
use Pausis\App\Store\NotebookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Heat\Course;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Notebook\Held;
use Pausis\Core\Tenderness\Doneness;

/** The notebook in words: its list, and a cook's page. */
final readonly class NotebookPresenter
{
    /** Of a note in the list, characters. */
    private const NOTE = 140;
    private const TICK_HOURS = [1, 2, 3, 4, 6];
    private const MOST_TICKS = 9;
    /** Of the course, a point for so many of the heating model's rows of five minutes. */
    private const STRIDE = 3;
    private const DEGREES = [0, 20, 40, 60, 80, 100];
    /** A dinner so many minutes from when it was planned was in time. */
    private const PUNCTUAL_MINUTES = 10;

    public function __construct(
        private Wording $wording, private House $house, private Cookers $cookers, private Cuts $cuts, private Notebook $notebook,
        private Cooked $cooked, private CookPresenter $cooks,
    ) {
    }

    public function list(string $words, string $cut, string $cooker, string $person, int $page): NotebookView
    {
        [$found, $count] = $this->notebook->search($words, $cut, $cooker, $person, $page);
        $choices = $this->notebook->choices();

        return new NotebookView(
            array_map($this->line(...), $found),
            $this->wording->say('notebook.found', $this->house->measures(), ['count' => $count]),
            max(1, $page), max(1, (int) ceil($count / Notebook::PAGE)),
            array_map(fn (string $id): Choice => new Choice($id, $this->cuts->find($id)->name ?? $id, ''), $choices['cuts']),
            array_map(fn (string $id): Choice => new Choice($id, $this->cookerName($id), ''), $choices['cookers']),
            array_map(fn (string $id): Choice => new Choice($id, $this->personName($id), ''), $choices['people']),
        );
    }

    public function line(NotebookRecord $entry): CookedView
    {
        $lane = $this->lane($entry);
        $held = $this->cooked->held($entry);

        return new CookedView(
            $entry->id, $entry->cook->braise->id, $entry->title, $this->date($entry->cookedOn),
            implode(', ', array_filter([
                $this->cuts->find($entry->cut)->name ?? '', $this->cookerName($entry->cookerId),
                '' === $entry->setting ? '' : $this->wording->label('setting', $entry->setting),
            ])),
            null === $lane->earliest ? '' : $held->value, $this->said($held, $lane),
            self::stars($entry), mb_strimwidth($entry->note, 0, self::NOTE, ' …'), $entry->leftOut, $lane,
        );
    }

    public function page(NotebookRecord $entry): CookedPageView
    {
        $measures = $this->house->measures();
        $line = $this->line($entry);
        $course = $this->cooked->course($entry);
        $rows = self::thinned($course, $line->lane->until);

        return new CookedPageView(
            $line, $entry->revision, null !== $entry->cook->braise->deletedAt, $this->lines($entry, $line->lane, $measures),
            $this->ticks($entry->cook, $line->lane->until, $measures), $this->marks($entry->cook, $measures), $rows,
            [] === $rows ? [] : array_map(
                static fn (int $c): TickView => new TickView($c, $measures->temperature($c)), self::DEGREES,
            ),
            [] === $rows ? '' : $this->courseText($course, $rows, $measures),
            array_values(array_filter(
                $this->cooks->records($entry->cook, [], $measures, $entry->cookedOn->setTimezone($this->house->record()->zone())),
                static fn (EventView $e): bool => !\in_array($e->kind, [EventKind::Done->value, EventKind::NotYet->value], true),
            )),
            $this->learned($entry, $measures), $entry->note, $entry->nextTime, $entry->meatStars, $entry->sauceStars, $entry->cookedBy,
            array_map(
                static fn (array $p): Choice => new Choice($p['id'], $p['name'], ''),
                array_values(array_filter($this->house->record()->people, static fn (array $p): bool => '' !== trim($p['name']))),
            ),
        );
    }

    /** The year with it, where it isn't this one. */
    private function date(\DateTimeImmutable $at): string
    {
        $zone = $this->house->record()->zone();
        $year = $at->setTimezone($zone)->format('Y');

        return $this->house->measures()->day($at).($this->house->now()->format('Y') === $year ? '' : " $year");
    }

    private static function stars(NotebookRecord $entry): int
    {
        $given = array_filter([$entry->meatStars, $entry->sauceStars]);

        return [] === $given ? 0 : (int) round(array_sum($given) / \count($given));
    }

    private function lane(NotebookRecord $entry): CookedLaneView
    {
        [$earliest, $likely, $latest] = array_map(
            static fn (string $key): ?float => self::number($entry->planned[$key] ?? null), ['earliestHours', 'likelyHours', 'latestHours'],
        );
        $ready = $this->cooked->ready($entry);
        $hours = static fn (mixed $at): ?float => \is_string($at)
            ? ((new \DateTimeImmutable($at))->getTimestamp() - $entry->cookedOn->getTimestamp()) / 3600 : null;
        [$serve, $eaten] = [$hours($entry->planned['serve'] ?? null), $hours($entry->happened['serve'] ?? null)];

        return new CookedLaneView(
            $earliest, $likely, $latest, $ready->after, $ready->by, $serve, $eaten,
            max(1.0, ...array_map(static fn (?float $at): float => (float) $at, [$latest, $ready->after, $ready->by, $serve, $eaten])),
        );
    }

    private function said(Held $held, CookedLaneView $lane): string
    {
        $measures = $this->house->measures();
        $late = null === $lane->eaten || null === $lane->serve ? null : 60 * ($lane->eaten - $lane->serve);

        return trim($this->wording->label('notebook', match (true) {
            null === $lane->earliest => 'held-none',
            Held::Untold === $held && null !== $lane->by => null === $lane->after ? 'held-first-look' : 'held-at-its-edge',
            default => "held-$held->value",
        }).' '.(null === $late ? '' : $this->wording->say('notebook.dinner', $measures, [
            'lateMinutes' => abs($late), 'way' => match (true) {
                $late > self::PUNCTUAL_MINUTES => 'late',
                $late < -self::PUNCTUAL_MINUTES => 'early',
                default => 'in-time',
            },
        ])));
    }

    /** @return list<NotebookLine> planned beside happened */
    private function lines(NotebookRecord $entry, CookedLaneView $lane, Measures $measures): array
    {
        $none = $this->wording->label('notebook', 'not-seen');
        $clock = static fn (?float $hours): string => null === $hours ? $none : $measures->clock(
            $entry->cookedOn->setTimestamp((int) round($entry->cookedOn->getTimestamp() + 3600 * $hours)), $entry->cookedOn,
        );
        $volume = static fn (?float $ml): string => null === $ml ? $none : $measures->volume($ml);
        $planned = static fn (string $key): ?float => self::number($entry->planned[$key] ?? null);
        $sauce = $entry->cook->last(EventKind::Sauce->value);
        $poured = array_sum(array_map(static fn (array $e): float => (float) $e['value'], $entry->cook->of(EventKind::Poured->value)));
        $line = fn (string $what, string $planned, string $happened): NotebookLine => new NotebookLine(
            $this->wording->label('notebook', $what), $planned, $happened,
        );
        $load = $planned('loadMl');
        $salt = $planned('saltPercent');

        return array_values(array_filter([
            $line('ready', null === $lane->earliest ? $none : $this->wording->say('notebook.window', $measures, [
                'from' => $clock($lane->earliest), 'to' => null === $lane->latest ? 'none' : $clock($lane->latest),
            ]), $this->wording->say('notebook.found-ready', $measures, [
                'after' => null === $lane->after ? 'none' : $clock($lane->after), 'by' => null === $lane->by ? 'none' : $clock($lane->by),
            ])),
            $line('serve', $clock($lane->serve), $clock($lane->eaten)),
            null === $load ? null : $line('liquid', $volume($load), 0.0 != $poured ? $this->wording->say(
                'notebook.poured', $measures, ['ml' => abs($poured), 'way' => $poured > 0 ? 'in' : 'out'],
            ) : $this->wording->label('notebook', 'as-planned')),
            $line('sauce', $volume($planned('endMl')), null === $sauce ? $none : $measures->volume((float) $sauce['value'])),
            null === $load ? null : $line('finish', $this->wording->say('notebook.finish-planned', $measures, [
                'reduceMl' => $planned('reduceMl') ?? 0.0, 'starchGrams' => $planned('starchGrams') ?? 0.0,
                'boils' => ($planned('reduceMl') ?? 0.0) >= 1 ? 'yes' : 'no',
                'starch' => ($planned('starchGrams') ?? 0.0) >= 1 ? 'yes' : 'no',
            ]), null === $sauce ? $none : $this->closing($sauce)),
            null === $salt ? null : $line('salt', $measures->number($salt, 1).' %', ''),
        ]));
    }

    /** @param array{thickness?: string, thickener?: string, way?: string} $sauce */
    private function closing(array $sauce): string
    {
        $way = $sauce['way'] ?? '';

        return implode(', ', array_filter([
            '' === $way ? '' : $this->wording->hint('finish-way', $way), $this->wording->hint('thickness', $sauce['thickness'] ?? ''),
        ]));
    }

    /** @return list<TickView> full hours on the clock */
    private function ticks(CookRecord $cook, float $until, Measures $measures): array
    {
        $step = 6;
        foreach (self::TICK_HOURS as $hours) {
            if ($until / $hours <= self::MOST_TICKS) {
                $step = $hours;
                break;
            }
        }
        $on = $cook->switchedOn->setTimezone($this->house->record()->zone());
        $first = $on->setTime((int) $on->format('H'), 0);
        $ticks = [];
        for ($at = $first; ($hour = ($at->getTimestamp() - $on->getTimestamp()) / 3600) <= $until; $at = $at->modify('+1 hour')) {
            if ($hour >= 0 && 0 === (int) $at->format('H') % $step) {
                $ticks[] = new TickView($hour, $measures->clock($at));
            }
        }

        return $ticks;
    }

    /** @return list<CookedMark> */
    private function marks(CookRecord $cook, Measures $measures): array
    {
        $texture = Doneness::tryFrom(\is_string($cook->draft['texture'] ?? null) ? $cook->draft['texture'] : '') ?? Doneness::Fork;
        $marks = [];
        foreach ($cook->events as $event) {
            $kind = EventKind::tryFrom($event['kind']);
            $hour = ((new \DateTimeImmutable($event['at']))->getTimestamp() - $cook->switchedOn->getTimestamp()) / 3600;
            $answer = EventKind::Fork === $kind ? ForkAnswer::tryFrom($event['value']) : null;
            $text = match ($kind) {
                EventKind::Fork => $this->wording->label('fork', $event['value']),
                EventKind::Probe => $measures->temperature((float) $event['value']),
                EventKind::Turned => $this->wording->label('setting', $event['value']),
                default => '',
            };
            if ('' !== $text && $hour >= 0) {
                $marks[] = new CookedMark($hour, match (true) {
                    null === $answer => 'other',
                    $answer->reaches($texture) => 'ready',
                    default => 'not-ready',
                }, $text);
            }
        }

        return $marks;
    }

    /** @return list<CourseView> */
    private static function thinned(?Course $course, float $until): array
    {
        $rows = [];
        foreach ($course->trace ?? [] as $k => [$hour, $pot, $core]) {
            if ($hour <= $until && 0 === $k % self::STRIDE) {
                $rows[] = new CourseView(round($hour, 3), round($pot, 1), round($core, 1));
            }
        }

        return $rows;
    }

    /** @param non-empty-list<CourseView> $rows */
    private function courseText(?Course $course, array $rows, Measures $measures): string
    {
        $last = $rows[\count($rows) - 1];

        return $this->wording->say('notebook.course', $measures, [
            'safeHours' => $course->core60 ?? 0.0, 'potCelsius' => $last->pot, 'coreCelsius' => $last->core, 'hours' => $last->hour,
            'safe' => is_finite($course->core60 ?? \INF) ? 'yes' : 'no',
        ]);
    }

    /** What this cook taught of the cooker and the cut. */
    private function learned(NotebookRecord $entry, Measures $measures): string
    {
        if ($entry->leftOut) {
            return $this->wording->label('notebook', 'left-out');
        }
        $said = [];
        foreach (['heatPercent' => 'learned-heat', 'needPercent' => 'learned-need'] as $key => $word) {
            $percent = self::number($entry->happened[$key] ?? null);
            if (null !== $percent) {
                $variables = ['sharePercent' => round(abs($percent)), 'way' => $percent < 0 ? 'less' : 'more'];
                $said[] = $this->wording->say("notebook.$word", $measures, $variables);
            }
        }

        return implode(' ', $said);
    }

    private function cookerName(string $id): string
    {
        return $this->cookers->findDeleted($id)->name ?? '';
    }

    private function personName(string $id): string
    {
        return array_column($this->house->record()->people, 'name', 'id')[$id] ?? $this->wording->label('notebook', 'somebody');
    }

    private static function number(mixed $value): ?float
    {
        return is_numeric($value) ? (float) $value : null;
    }
}
