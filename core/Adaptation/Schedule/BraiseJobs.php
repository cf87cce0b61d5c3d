<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Chores;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Safety\Rules;

/** The braise's own work as jobs: those the plan may move, and those that happen at their moment. */
final readonly class BraiseJobs
{
    public const PLATE = 'plate';
    public const LOAD = 'load';
    public const FORK_TEST = 'fork-test';
    /** What can be made ready before it is needed. */
    private const AHEAD = ['cut-vegetables', 'mix-spices', 'beans-on'];
    private const STEP_MINUTES = 5;
    private const EVENING_MINUTES = 540;
    private const BEFORE_BED_MINUTES = 60;
    private const QUARTER = 900;
    /** What goes in late may go in that much sooner, or later by no more than half of what it cooks, minutes. */
    private const ADDING_SLACK = 30;
    private const TURNING_MINUTES = 2;
    private const EATING_MINUTES = 60;
    private const COOLING_MINUTES = 30;
    private const FRIDGE_BY_MINUTES = 60 * Rules::LEFTOVER_HOURS;

    private Work $work;

    public function __construct(private AdaptedBraise $braise, private DayPlan $day)
    {
        $this->work = $braise->chosen->work;
    }

    /**
     * @param int $sooner minutes before the sauce must be begun at which it may be
     *
     * @return list<Job>
     */
    public function movable(int $sooner): array
    {
        return [...$this->evening(), ...$this->beforeLoading(), ...$this->finish($sooner)];
    }

    /** The first piece of work from the pot to the plate. */
    public function firstOfFinish(): string
    {
        return $this->work->in(Stage::Finish)[0]->id ?? self::PLATE;
    }

    /** @return list<Caught> what should have been done the evening before, and can't be any more */
    public function missedEvening(): array
    {
        return null !== $this->eveningEnds()
            ? []
            : array_map(
                static fn (Chore $c): Caught => new Caught('evening-'.$c->code, (string) ($c->variables['food'] ?? ''), null),
                $this->work->in(Stage::Evening),
            );
    }

    /**
     * What has its moment: looks at the meat, what goes in late, a setting that is turned, leftovers.
     *
     * @param array<string, \DateTimeImmutable> $pins
     *
     * @return array{list<Placed>, list<Caught>, array<string, string>} placed; what nobody is there for; pins that can't be kept and why
     */
    public function fixed(array $pins): array
    {
        $placed = $caught = $refused = [];
        $people = $this->braise->order->kitchen->people;
        foreach ($this->moments() as [$job, $at, $earliest, $latest, $food]) {
            $pin = $pins[$job->id] ?? null;
            $why = match (true) {
                null === $pin => null,
                $pin < $earliest => 'too-early',
                $pin > $latest => 'too-late',
                null === $people->who($pin, self::after($pin, $job->minutes)) => 'nobody',
                default => null,
            };
            if (null !== $why) {
                $refused[$job->id] = $why;
            }
            $from = null === $pin || null !== $why ? $this->clear($job, $at, $earliest, $latest, $placed) : $pin;
            $who = $people->who($from, self::after($from, $job->minutes));
            if (null === $who) {
                $caught[] = new Caught($job->code, $food, $from, str_starts_with($job->id, 'add-') ? substr($job->id, 4) : '');
            } else {
                $placed[] = new Placed($job->pinnedAt(null === $why ? $pin : null), $from, self::after($from, $job->minutes), $who);
            }
        }

        return [$placed, $caught, $refused];
    }

    /**
     * The nearest time within its limits at which nothing else that has its moment is done.
     *
     * @param list<Placed> $placed
     */
    private function clear(
        Job $job, \DateTimeImmutable $at, \DateTimeImmutable $earliest, \DateTimeImmutable $latest, array $placed,
    ): \DateTimeImmutable {
        $people = $this->braise->order->kitchen->people;
        $free = static function (\DateTimeImmutable $from) use ($job, $placed, $people): bool {
            $to = self::after($from, $job->minutes);

            return null !== $people->who($from, $to) && [] === array_filter(
                $placed, static fn (Placed $p): bool => $p->job->hands && $p->from < $to && $from < $p->to,
            );
        };
        for ($later = $at; $later <= $latest; $later = self::after($later, self::STEP_MINUTES)) {
            if ($free($later)) {
                return $later;
            }
        }
        for ($sooner = $at; $sooner >= $earliest; $sooner = self::after($sooner, -self::STEP_MINUTES)) {
            if ($free($sooner)) {
                return $sooner;
            }
        }

        return $at;
    }

    /** @return list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> job, when, earliest, latest, what of */
    private function moments(): array
    {
        $moments = [];
        $sauce = $this->day->at(TaskKind::Sauce)->at ?? $this->day->serve;
        foreach ($this->day->tasks as $task) {
            if (TaskKind::SettingChange === $task->kind && 0 === $task->variables['byItself']) {
                $moments[] = [
                    new Job('turn-setting', 'turn-setting', $task->variables, self::TURNING_MINUTES, true), $task->at, $task->at, $task->at,
                    (string) $task->variables['setting'],
                ];
            }
        }
        foreach ($this->work->in(Stage::During) as $chore) {
            if (self::FORK_TEST === $chore->id) {
                $test = $this->day->at(TaskKind::ForkTest);
                array_push(
                    $moments,
                    ...(null === $test ? [] : [[self::job($chore), $test->at, $test->at, self::after($sauce, -$test->minutes), '']]),
                );
                continue;
            }
            $at = self::down(null === $chore->atHour ? self::after($sauce, -(int) round((float) $chore->beforeEnd)) : self::after(
                $this->day->switchOn, (int) round(60 * $chore->atHour),
            ));
            $moments[] = [
                self::job($chore), $at, self::after($at, -self::ADDING_SLACK),
                min(self::after($at, (int) min(self::ADDING_SLACK, ($chore->beforeEnd ?? \INF) / 2)), $sauce),
                (string) ($chore->variables['food'] ?? ''),
            ];
        }

        return [...$moments, ...$this->leftovers()];
    }

    /** @return list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> */
    private function leftovers(): array
    {
        $jobs = array_map(self::job(...), $this->work->in(Stage::Later));
        if (2 !== \count($jobs)) {
            return [];
        }
        [$portion, $fridge] = $jobs;
        $people = $this->braise->order->kitchen->people;
        $cooled = self::after($this->day->serve, (int) self::FRIDGE_BY_MINUTES - $fridge->minutes);
        $latest = self::after($cooled, -self::COOLING_MINUTES);
        $at = $people->firstFree(self::after($this->day->serve, self::EATING_MINUTES), $portion->minutes, $latest) ?? $latest;
        $into = $people->firstFree(self::after($at, $portion->minutes + self::COOLING_MINUTES), $fridge->minutes, $cooled) ?? $cooled;

        return [
            [$portion, $at, $this->day->serve, $latest, ''],
            [$fridge, $into, self::after($this->day->serve, self::COOLING_MINUTES), $cooled, ''],
        ];
    }

    /** @return list<Job> */
    private function evening(): array
    {
        $ends = $this->eveningEnds();

        return null === $ends
            ? []
            : array_map(
                static fn (Chore $c): Job => new Job(
                    $c->id, $c->code, $c->variables, $c->minutes, true, waits: self::EVENING_MINUTES - $c->minutes, by: $ends,
                    acts: $c->acts,
                ),
                $this->work->in(Stage::Evening),
            );
    }

    /** When the work of the evening before is done, not just before bed if it can be helped; null where nobody is there for it. */
    private function eveningEnds(): ?\DateTimeImmutable
    {
        $last = $this->lastFree($this->midnight());

        return null === $last ? null : $this->lastFree(self::after($last, -self::BEFORE_BED_MINUTES)) ?? $last;
    }

    private function lastFree(\DateTimeImmutable $until): ?\DateTimeImmutable
    {
        $minutes = (int) array_sum(array_map(static fn (Chore $c): int => $c->minutes, $this->work->in(Stage::Evening)));
        $from = max($this->braise->order->now, self::after($this->midnight(), -self::EVENING_MINUTES));
        for ($to = $until; self::after($to, -$minutes) >= $from; $to = $to->setTimestamp($to->getTimestamp() - self::QUARTER)) {
            if (null !== $this->braise->order->kitchen->people->who(self::after($to, -$minutes), $to)) {
                return $to;
            }
        }

        return null;
    }

    private function midnight(): \DateTimeImmutable
    {
        return $this->day->switchOn->modify('midnight');
    }

    /** @return list<Job> one after the other, but what can be made ready ahead leads to what needs it */
    private function beforeLoading(): array
    {
        $chores = $this->work->in(Stage::Before);
        $codes = array_map(static fn (Chore $c): string => $c->code, $chores);
        $base = \in_array('fry-base', $codes, true) ? 'fry-base' : self::LOAD;
        $jobs = [];
        $next = null;
        foreach (array_reverse($chores) as $chore) {
            if ('beans-on' === $chore->code) {
                $jobs[] = self::job($chore, 'boil-beans');
                $jobs[] = new Job(
                    'boil-beans', 'boil-beans', $chore->variables, Rules::BEAN_MINUTES, false, 1, 0, Chores::BOILED_BEANS_WAIT, self::LOAD,
                    acts: $chore->acts,
                );
            } elseif (\in_array($chore->code, self::AHEAD, true)) {
                $jobs[] = self::job($chore, 'cut-vegetables' === $chore->code ? $base : self::LOAD);
            } else {
                $jobs[] = self::LOAD === $chore->id
                    ? new Job(
                        $chore->id, $chore->code, $chore->variables, $chore->minutes, true, by: $this->day->switchOn, acts: $chore->acts,
                    )
                    : self::job($chore, $next);
                $next = $chore->id;
            }
        }

        return array_reverse($jobs);
    }

    /** @return list<Job> */
    private function finish(int $sooner): array
    {
        $begins = self::after($this->day->at(TaskKind::Sauce)->at ?? $this->day->serve, -$sooner);
        $jobs = [];
        $next = null;
        $beside = [];
        $first = $this->firstOfFinish();
        foreach (array_reverse($this->work->in(Stage::Finish, Stage::Table)) as $chore) {
            if (self::PLATE === $chore->id) {
                $jobs[] = new Job(
                    $chore->id, $chore->code, $chore->variables, $chore->minutes, true, by: $this->day->serve, acts: $chore->acts,
                );
            } elseif ($this->work->isBeside($chore)) {
                $jobs[] = new Job(
                    $chore->id, $chore->code, $chore->variables, $chore->minutes, $chore->uses->hands(), $chore->uses->rings(),
                    $chore->uses->ovens(), $chore->waits, $beside[(string) ($chore->variables['part'] ?? '')] ?? self::PLATE,
                    after: 'side-work' === $chore->code ? null : $first, acts: $chore->acts,
                );
                $beside = isset($chore->variables['part']) ? [...$beside, (string) $chore->variables['part'] => $chore->id] : $beside;
                continue;
            } else {
                $jobs[] = $chore->id === $first ? self::job($chore, $next)->notBefore($begins) : self::job($chore, $next);
            }
            $next = $chore->id;
        }

        return array_reverse($jobs);
    }

    /** What one piece of the braise's own work takes. */
    public static function job(Chore $chore, ?string $next = null): Job
    {
        return new Job(
            $chore->id, $chore->code, $chore->variables, $chore->minutes, $chore->uses->hands(), $chore->uses->rings(),
            $chore->uses->ovens(), $chore->waits, $next, acts: $chore->acts,
        );
    }

    private static function after(\DateTimeImmutable $at, int $minutes): \DateTimeImmutable
    {
        return $at->setTimestamp($at->getTimestamp() + 60 * $minutes);
    }

    private static function down(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimestamp(intdiv($at->getTimestamp(), 300) * 300);
    }
}
