<?php

declare(strict_types=1);

namespace Pausis\App\Api\Presentation;

use Pausis\App\Api\Wire\AnswerOutlook;
use Pausis\App\Api\Wire\ForkOutlook;
use Pausis\App\Kitchen\FollowBraise;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\SupposeAnswer;
use Pausis\App\Kitchen\WorkedBraise;
use Pausis\App\Store\CookRecord;
use Pausis\App\Wording\Measures;
use Pausis\App\Wording\Wording;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Placed;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Tenderness\Doneness;

/** What the fork's four answers would lead to, each followed as if it had been given. */
final readonly class ForkPresenter
{
    public function __construct(
        private SupposeAnswer $suppose, private FollowBraise $follow, private Wording $wording, private House $house,
    ) {
    }

    public function present(CookRecord $cook): ForkOutlook
    {
        $measures = $this->house->measures();
        $now = $this->house->now();
        $worked = $this->follow->cooking($cook);
        $serve = self::serve($worked);
        $answers = array_map(
            fn (ForkAnswer $a): AnswerOutlook => $this->answer(
                $a, $this->suppose->of($cook, $a, FollowBraise::kept($worked->underway)), $serve, $now, $measures,
            ),
            ForkAnswer::cases(),
        );
        $ends = array_map(static fn (AnswerOutlook $a): int => (new \DateTimeImmutable($a->serve))->getTimestamp(), $answers);
        $from = $now->setTime((int) $now->format('G'), 30 * intdiv((int) $now->format('i'), 30));
        $minutes = $worked->underway->cook->lidCostMinutes ?? 0.0;

        return new ForkOutlook(
            $from->format(\DATE_ATOM),
            $serve->setTimestamp(max($serve->getTimestamp(), ...$ends))->modify('+10 minutes')->format(\DATE_ATOM),
            $now->format(\DATE_ATOM), $this->on($worked)->format(\DATE_ATOM), $serve->format(\DATE_ATOM), $answers,
            $minutes < 1 ? '' : $this->wording->say('fork-outlook.cost', $measures, ['minutes' => $minutes]),
        );
    }

    private function answer(
        ForkAnswer $answer, WorkedBraise $worked, \DateTimeImmutable $planned, \DateTimeImmutable $now, Measures $measures,
    ): AnswerOutlook {
        $followed = $worked->underway->cook ?? throw new \LogicException('No pot is on.');
        $wanted = $worked->braise()->order->wishes->texture;
        $window = $followed->windows[$wanted->value];
        $ready = null !== $followed->readySince;
        $clock = fn (?float $hours): string => null === $hours ? 'never' : $measures->clock($this->after($worked, $hours), $now);
        $past = $followed->bare[Doneness::Past->value]->earliest;
        $serve = self::serve($worked);
        $until = !$ready || null === $past ? null : max($now, $this->after($worked, $past));
        $next = array_values(array_filter(
            $worked->underway->left(), static fn (Placed $p): bool => BraiseJobs::FORK_TEST === $p->job->id && $p->from > $now,
        ))[0]->from ?? null;

        return new AnswerOutlook(
            $answer->value, $this->wording->label('fork', $answer->value), $this->wording->label('fork-short', $answer->value),
            RibbonPresenter::pots($followed->windows, $wanted), $ready, $ready ? '' : $clock($window->likely),
            $ready ? '' : $this->wording->say('fork-outlook.window', $measures, [
                'from' => $clock($window->earliest), 'to' => $clock($window->latest),
                'next' => null === $next ? 'none' : $measures->clock($next, $now),
            ]),
            $ready || null === $next ? '' : $next->format(\DATE_ATOM), $until?->format(\DATE_ATOM) ?? '',
            $ready ? $this->wording->say('fork-outlook.keep', $measures, [
                'until' => null === $until ? 'none' : ($until <= $now ? 'now' : $measures->clock($until, $now)),
                'warm' => $measures->clock($now->modify(\sprintf('+%d minutes', 60 * Rules::WARM_HOURS)), $now),
                'setting' => $this->wording->label('setting', $worked->braise()->chosen->choice->value),
            ]) : '',
            $serve->format(\DATE_ATOM), $measures->clock($serve, $now), $serve->getTimestamp() !== $planned->getTimestamp(),
        );
    }

    private static function serve(WorkedBraise $worked): \DateTimeImmutable
    {
        return $worked->underway->cook->day->serve ?? $worked->braise()->order->serveAt;
    }

    private function on(WorkedBraise $worked): \DateTimeImmutable
    {
        return $worked->underway->cook->day->switchOn ?? $this->house->now();
    }

    private function after(WorkedBraise $worked, float $hours): \DateTimeImmutable
    {
        $on = $this->on($worked);

        return $on->setTimestamp((int) round($on->getTimestamp() + 3600 * $hours));
    }
}
