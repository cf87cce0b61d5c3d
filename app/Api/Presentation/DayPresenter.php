<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\JobView;
use Pausis\App\Api\Wire\OtherPotView;
use Pausis\App\Api\Wire\PersonView;
use Pausis\App\Api\Wire\SpanView;
use Pausis\App\Api\Wire\WholeDayView;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\StoredPlan;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Schedule\Caught;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Day\Whereabouts;

/** The whole day in words. */
final readonly class DayPresenter
{
    private const AFTER_HOURS = 2;
    private const STEP = 300;

    public function __construct(private Wording $wording)
    {
    }

    public function present(WorkedBraise $worked, DayPlan $day, Measures $measures): WholeDayView
    {
        $whole = $worked->whole ?? throw new \LogicException('No day to present.');
        $braise = $worked->braise();
        $first = $whole->placed[0]->from ?? $day->switchOn;
        $from = self::down(min($first, $day->switchOn)->modify('-15 minutes'));
        $to = $day->serve->modify('+'.self::AFTER_HOURS.' hours');
        $others = $this->others($whole, $from, $to, $measures);
        $steps = (int) ceil(($to->getTimestamp() - $from->getTimestamp()) / self::STEP);
        $rows = array_map(
            static fn (Person $p): array => $p->presence->steps($from, self::STEP, $steps), $braise->order->kitchen->people->persons,
        );
        $is = static fn (?Whereabouts $wanted): \Closure => static fn (?Whereabouts $w): bool => $w === $wanted;
        $nobody = array_map(
            static fn (int $k): bool => [] === array_filter(
                array_column($rows, $k), static fn (?Whereabouts $w): bool => Whereabouts::Away !== $w,
            ),
            array_keys($rows[0]),
        );

        return new WholeDayView(
            array_map(
                fn (Placed $p): JobView => $this->job($p, $day->serve, $whole->refused[$p->job->id] ?? '', $measures), $whole->placed,
            ),
            array_map(
                static fn (Person $p, array $row): PersonView => new PersonView(
                    $p->id, $p->name, self::spans($from, array_map($is(Whereabouts::Away), $row)),
                    self::spans($from, array_map($is(Whereabouts::Busy), $row)),
                ),
                $braise->order->kitchen->people->persons, $rows,
            ),
            self::spans($from, $nobody),
            self::spans($from, array_map($is(null), $rows[0])),
            $from->format(\DATE_ATOM),
            $to->format(\DATE_ATOM),
            $day->switchOn->format(\DATE_ATOM),
            ($day->at(TaskKind::Sauce)->at ?? $day->serve)->format(\DATE_ATOM),
            $day->serve->format(\DATE_ATOM),
            $this->clash($worked, $measures),
            array_map(fn (Caught $c): string => $this->caught($c, $day->serve, $measures), $whole->caught),
            $whole->optimal ? '' : $this->wording->label('day-plan', 'not-optimal'),
            $others,
            [] === $others
                ? ''
                : $this->wording->say(
                    'day-plan.others', $measures,
                    [
                        'count' => \count($others), 'moved' => [] === $whole->moved ? 'no' : 'yes',
                        'titles' => implode(', ', array_map(static fn (OtherPotView $o): string => $o->title, $others)),
                    ],
                ),
            $this->late($whole, $measures),
        );
    }

    /** What late guests mean for the day; empty where none are expected. */
    private function late(WholeDay $whole, Measures $measures): string
    {
        $minutes = $whole->braise->order->handling->lateMinutes;
        if ($minutes <= 0 || !$whole->possible) {
            return '';
        }
        $jobs = array_map(fn (Placed $p): string => mb_strtolower($this->text($p, $measures)), $whole->heldBack);

        return $this->wording->say(
            'day-plan.late', $measures,
            ['minutes' => $minutes, 'waits' => $whole->waits ? 'yes' : 'no', 'jobs' => [] === $jobs ? 'none' : implode('; ', $jobs)],
        );
    }

    /** @return list<OtherPotView> those with work in the time that is shown */
    private function others(WholeDay $whole, \DateTimeImmutable $from, \DateTimeImmutable $to, Measures $measures): array
    {
        $shown = [];
        foreach ($whole->others as $other) {
            $within = array_values(array_filter($other->placed, static fn (Placed $p): bool => $p->from < $to && $from < $p->to));
            if ([] !== $within) {
                $shown[] = new OtherPotView(
                    $other->title,
                    array_map(
                        fn (Placed $p): JobView => $this->job(
                            self::ofAnother($p, $other->title, $this->text($p, $measures)), $to, '', $measures,
                        ),
                        $within,
                    ),
                );
            }
        }

        return $shown;
    }

    /** As it is told beside the jobs of the braise that is shown. */
    private static function ofAnother(Placed $placed, string $title, string $text): Placed
    {
        return StoredPlan::CODE === $placed->job->code ? $placed : new Placed(
            $placed->job->told(StoredPlan::CODE, ['text' => $text, 'title' => $title]), $placed->from, $placed->to, $placed->person,
        );
    }

    public function text(Placed $placed, Measures $measures): string
    {
        return $this->words($placed->job->code, $placed->job->variables, $measures);
    }

    public function chore(Chore $chore, Measures $measures): string
    {
        return $this->words($chore->code, $chore->variables, $measures);
    }

    /** @param array<string, float|int|string> $variables */
    private function words(string $code, array $variables, Measures $measures): string
    {
        if (isset($variables['setting'])) {
            $variables['setting'] = $this->wording->label('setting', (string) $variables['setting']);
        }

        return $this->wording->say("job.$code", $measures, ['side' => '', 'food' => '', 'list' => 'none', 'how' => '', ...$variables]);
    }

    private function caught(Caught $caught, \DateTimeImmutable $serve, Measures $measures): string
    {
        $what = 'turn-setting' === $caught->code ? $this->wording->label('setting', $caught->what) : $caught->what;

        return $this->wording->say(
            "caught.$caught->code", $measures,
            [
                'what' => $what, 'busy' => $caught->busy ? 'yes' : 'no',
                'at' => null === $caught->at ? '' : $measures->clock($caught->at, $serve),
            ],
        );
    }

    private function job(Placed $placed, \DateTimeImmutable $serve, string $refused, Measures $measures): JobView
    {
        $job = $placed->job;
        $side = isset($job->variables['side']) ? (string) preg_replace('/-\d+$/', '', $job->id) : 'braise';

        return new JobView(
            $job->id, $this->text($placed, $measures), $side, $placed->from->format(\DATE_ATOM), $placed->to->format(\DATE_ATOM),
            $measures->clock($placed->from, $serve), $job->minutes, $job->hands, $job->rings, $job->ovens,
            $this->waits($job, $measures), null !== $job->pinned,
            $placed->person->id
                ?? '', $placed->person->name
                ?? '', '' === $refused ? '' : $this->wording->label('pin-refused', $refused), $job->acts);
    }

    private function waits(Job $job, Measures $measures): string
    {
        return match (true) {
            $job->waits > 0 => $this->wording->say(
                'day-plan.waits', $measures,
                ['hours' => $job->waits / 60, 'rests' => 0 === $job->rests ? 'none' : $measures->hours($job->rests / 60)],
            ),
            null !== $job->next => $this->wording->label('day-plan', 'waits-not'),
            default => '',
        };
    }

    private function clash(WorkedBraise $worked, Measures $measures): string
    {
        $whole = $worked->whole;
        if (null === $whole || [] === $worked->wishes) {
            return '';
        }
        $sides = $others = [];
        foreach ($worked->wishes as $wish) {
            [$kind, $id] = [...explode(':', $wish, 2), ''];
            'side' === $kind ? $sides[] = self::nameOf($whole, $id) : $others[] = $this->wording->label('day-wish', $kind);
        }

        return $this->wording->say(
            'day-plan.clash', $measures,
            [
                'sides' => [] === $sides ? 'none' : implode(', ', $sides), 'others' => implode(', ', $others),
                'some' => [] === $others ? 'no' : 'yes',
            ],
        );
    }

    private static function nameOf(WholeDay $whole, string $side): string
    {
        foreach ($whole->sides as $one) {
            if ($one->id === $side) {
                return $one->name;
            }
        }

        return $side;
    }

    private static function down(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimestamp(intdiv($at->getTimestamp(), self::STEP) * self::STEP);
    }

    /**
     * @param list<bool> $steps of five minutes
     *
     * @return list<SpanView> where they hold
     */
    private static function spans(\DateTimeImmutable $from, array $steps): array
    {
        $at = static fn (int $step): string => $from->setTimestamp($from->getTimestamp() + self::STEP * $step)->format(\DATE_ATOM);
        $spans = [];
        $open = null;
        foreach ([...$steps, false] as $k => $holds) {
            $open ??= $holds ? $k : null;
            if (null !== $open && !$holds) {
                $spans[] = new SpanView($at($open), $at($k));
                $open = null;
            }
        }

        return $spans;
    }
}
