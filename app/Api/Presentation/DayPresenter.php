<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\JobView;
use Pausis\App\Api\Wire\OtherPotView;
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
use Pausis\Core\Day\Placed;
use Pausis\Core\Following\Underway;

/** The whole day in words. */
final readonly class DayPresenter
{
    public function __construct(private Wording $wording)
    {
    }

    public function present(WorkedBraise $worked, DayPlan $day, \DateTimeImmutable $now, Measures $measures): WholeDayView
    {
        $whole = $worked->whole ?? throw new \LogicException('No day to present.');
        $order = $worked->braise()->order;
        [$from, $to] = RibbonPresenter::span($order, $day, $whole->placed, $now);
        $others = $this->others($whole, $from, $to, $measures);

        return new WholeDayView(
            array_map(
                fn (Placed $p): JobView => $this->job(
                    $p, $day->serve, $whole->refused[$p->job->id] ?? '', $measures, self::state($p, $worked->underway),
                    $worked->underway->done[$p->job->id] ?? null,
                ),
                $whole->placed,
            ),
            (new WhoIsWhere($order->kitchen->people, $from, $to))->persons(),
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

    /** That its cooker is in use for another braise; empty where it isn't. */
    public function cookerTaken(WorkedBraise $worked, Measures $measures): string
    {
        foreach ($worked->whole->caught ?? [] as $caught) {
            if (Caught::COOKER_TAKEN === $caught->code) {
                return $this->caught($caught, $worked->braise()->order->serveAt, $measures);
            }
        }

        return '';
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

    private static function state(Placed $placed, ?Underway $underway): string
    {
        return match (true) {
            isset($underway->done[$placed->job->id]) => 'done',
            \in_array($placed->job->id, $underway->settled ?? [], true) => 'due',
            default => 'ahead',
        };
    }

    private function job(
        Placed $placed, \DateTimeImmutable $serve, string $refused, Measures $measures, string $state = 'ahead',
        ?\DateTimeImmutable $done = null,
    ): JobView {
        $job = $placed->job;
        $side = isset($job->variables['side']) ? (string) preg_replace('/-\d+$/', '', $job->id) : 'braise';

        return new JobView(
            $job->id, $this->text($placed, $measures), $side, $placed->from->format(\DATE_ATOM), $placed->to->format(\DATE_ATOM),
            $measures->clock($placed->from, $serve), $job->minutes, $job->hands, $job->rings, $job->ovens,
            $this->waits($job, $measures), null !== $job->pinned,
            $placed->person->id
                ?? '', $placed->person->name
                ?? '', '' === $refused ? '' : $this->wording->label('pin-refused', $refused), $job->acts, $state,
            null === $done ? '' : $measures->clock($done->setTimezone($serve->getTimezone()), $serve));
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
            $kitchen = $whole->braise->order->kitchen;
            $kind = match (true) {
                'oven' === $kind && 0 === $kitchen->ovens => 'no-oven',
                'rings' === $kind && 0 === $kitchen->rings => 'no-rings',
                default => $kind,
            };
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
}
