<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\FollowedView;
use Pausis\App\Api\Wire\OverdueView;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Following\Foreseen;
use Pausis\Core\Following\Internal\CookFlags;
use Pausis\Core\Following\State;
use Pausis\Core\Following\Underway;
use Pausis\Core\Safety\Finding;

/** A braise under way in words: how far it has come, what has moved, and the sentence that is always true. */
final readonly class FollowedPresenter
{
    public function __construct(private Wording $wording, private DayPresenter $days)
    {
    }

    public function present(Underway $underway, \DateTimeImmutable $now, Measures $measures): FollowedView
    {
        return new FollowedView(
            $underway->state->value, $this->moved($underway, $now, $measures),
            array_map(fn (Placed $p): OverdueView => $this->overdue($p, $underway, $now, $measures), $underway->overdue),
        );
    }

    private function overdue(Placed $placed, Underway $underway, \DateTimeImmutable $now, Measures $measures): OverdueView
    {
        return new OverdueView(
            $placed->job->id, $this->days->text($placed, $measures), $measures->clock($placed->from, $now),
            null === $underway->otherwise ? '' : $this->wording->say(
                'follow.if-not', $measures, ['serve' => $measures->clock($underway->otherwise, $now)],
            ),
        );
    }

    /** One sentence of what isn't as it was planned. */
    private function moved(Underway $underway, \DateTimeImmutable $now, Measures $measures): string
    {
        $moved = $underway->moved;
        if (null === $moved || null !== $underway->cook) {
            return '';
        }
        $clock = static fn (?\DateTimeImmutable $at): string => null === $at ? 'none' : $measures->clock($at, $now);

        return $this->wording->say('follow.moved', $measures, [
            'on' => $clock($moved->on), 'serve' => $clock($moved->serve),
            'setting' => null === $moved->setting ? 'none' : $this->wording->label('setting', $moved->setting),
        ]);
    }

    /** What is to be said beside the verdict of a plan that has begun. */
    public function beforeOn(Underway $underway, \DateTimeImmutable $now, Measures $measures): string
    {
        $load = $underway->overdue[0] ?? null;

        return trim($this->moved($underway, $now, $measures).(null === $load ? '' : ' '.$this->wording->say('follow.is-it-on', $measures, [
            'at' => $measures->clock($load->to, $now),
            'serve' => null === $underway->otherwise ? 'none' : $measures->clock($underway->otherwise, $now),
        ])));
    }

    /** The sentence over a pot that is on. */
    public function headline(Underway $underway, \DateTimeImmutable $now, Measures $measures): string
    {
        $followed = $underway->cook ?? throw new \LogicException('No pot is on.');
        $day = $underway->whole->braise->day();
        $serve = $day instanceof DayPlan ? $day->serve : $followed->now->serve;
        $clock = $measures->clock($serve, $now);
        $past = array_filter($followed->flags, static fn (Finding $f): bool => 'past-best-now' === $f->rule);
        $stop = self::stops($underway);
        $eatenOn = $underway->whole->braise->order->handling->eatenOn;
        $chilled = ['eaten' => null === $eatenOn ? 'none' : $measures->day($eatenOn).', '.$measures->clock($eatenOn)];
        if (null !== $stop) {
            return $this->wording->say(
                null === $stop->remedy ? "pot-on.$stop->rule" : "pot-on.$stop->remedy", $measures, $stop->variables,
            );
        }
        if (State::Eaten === $underway->state || State::PutAway === $underway->state) {
            return $this->wording->say('cook.eaten', $measures, [...$chilled, 'serve' => $clock]);
        }
        if ([] !== $past && null === $followed->readySince) {
            return $this->wording->label('cook', 'past-best');
        }
        if (Foreseen::Surely !== $followed->foreseen && null === $followed->readySince) {
            $likely = $followed->day->at(TaskKind::LikelyReady)->at ?? $followed->day->serve;

            return Foreseen::Hardly === $followed->foreseen
                ? $this->wording->label('cook', 'never')
                : $this->wording->say('cook.long-tail', $measures, ['likely' => $measures->clock($likely, $now)]);
        }
        if ([] !== $underway->overdue) {
            return $this->wording->say('cook.if-begun', $measures, [
                'serve' => $clock, 'job' => lcfirst($this->days->text($underway->overdue[0], $measures)),
                'at' => $measures->clock($underway->overdue[0]->from, $now),
            ]);
        }
        $late = ($serve->getTimestamp() - $underway->whole->braise->order->serveAt->getTimestamp()) / 60;

        return $late >= 1
            ? $this->wording->say('cook.late', $measures, [...$chilled, 'serve' => $clock, 'lateMinutes' => $late])
            : $this->wording->say('cook.on-time', $measures, [
                ...$chilled, 'serve' => $clock, 'ofTen' => null !== $followed->readySince ? 10 : (int) floor(10 * $followed->inTime + 0.5),
            ]);
    }

    /** What makes everything else not matter: it is thrown away. */
    public static function stops(Underway $underway): ?Finding
    {
        foreach ($underway->cook->flags ?? [] as $flag) {
            if (CookFlags::THROW_AWAY === $flag->remedy || 'power-cut-throw-away' === $flag->rule) {
                return $flag;
            }
        }

        return null;
    }
}
