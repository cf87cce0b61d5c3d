<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Person;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Safety\Rules;

/** What has its moment in a day: looks at the meat, what goes in late, a setting that is turned, leftovers. */
final readonly class Moments
{
    /** Work of its own in mid-cook, whatever it is: told in the recipe's words. */
    private const WORK = ['side-work', 'fry-apart', 'mix', 'sieve', 'stand', 'heat-up'];
    /** What is told in the recipe's own words. */
    private const TOLD = [...self::WORK, 'look-turn'];
    /** The fork is asked so much before the sauce where no look before was worth what it costs, or later. */
    private const AT_THE_SAUCE = 60;
    private const STEP_MINUTES = 5;
    /** What goes in late may go in that much sooner, or later by no more than half of what it cooks, minutes. */
    private const ADDING_SLACK = 30;
    private const TURNING_MINUTES = 2;
    private const EATING_MINUTES = 60;
    private const COOLING_MINUTES = 30;
    /** A setting may be turned so much later. */
    private const TURNING_SLACK = 15;
    private const FRIDGE_BY_MINUTES = 60 * Rules::LEFTOVER_HOURS;

    /** @param list<Placed> $beside other work of the day, which keeps its hands */
    public function __construct(private People $people, private Work $work, private DayPlan $day, private array $beside)
    {
    }

    /**
     * Each at its own moment, or the nearest within its limits at which somebody has nothing else to do.
     *
     * @param array<string, \DateTimeImmutable> $pins when the cook wants some of them to begin, by job
     *
     * @return array{list<Placed>, list<Caught>, array<string, string>} placed; what nobody is there for; pins that can't be kept and why
     */
    public function placed(array $pins): array
    {
        return $this->each($this->all(), $pins);
    }

    /** @return list<Placed> boxed, and put into the fridge */
    public function leftoversPlaced(): array
    {
        return $this->each($this->leftovers(), [])[0];
    }

    /**
     * @param list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> $moments
     * @param array<string, \DateTimeImmutable>                                                    $pins
     *
     * @return array{list<Placed>, list<Caught>, array<string, string>}
     */
    private function each(array $moments, array $pins): array
    {
        $placed = $caught = $refused = [];
        foreach ($moments as [$job, $at, $earliest, $latest, $food]) {
            if (BraiseJobs::INTO_FRIDGE === $job->id) {
                [$at, $earliest] = self::onceCooled($at, $earliest, $placed);
            }
            $pin = $pins[$job->id] ?? null;
            $why = match (true) {
                null === $pin => null,
                $pin < $earliest => 'too-early',
                $pin > $latest => 'too-late',
                null === $this->people->who($pin, self::after($pin, $job->minutes)) => 'nobody',
                null === $this->who($job, $pin, $placed) => 'hands',
                default => null,
            };
            if (null !== $why) {
                $refused[$job->id] = $why;
            }
            [$from, $who] = null === $pin || null !== $why
                ? $this->clear($job, $at, $earliest, $latest, $placed)
                : [$pin, $this->who($job, $pin, $placed)];
            if (null === $who) {
                $caught[] = new Caught(
                    \in_array($job->code, self::WORK, true) ? 'side-work' : $job->code, $food, $from,
                    str_starts_with($job->id, 'add-') ? substr($job->id, 4) : '',
                    null !== $this->people->who($from, self::after($from, $job->minutes)),
                );
            } else {
                $placed[] = new Placed($job->pinnedAt(null === $why ? $pin : null), $from, self::after($from, $job->minutes), $who);
            }
        }

        return [$placed, $caught, $refused];
    }

    /**
     * Boxes stand for half an hour before they go into the fridge, whenever they were filled.
     *
     * @param list<Placed> $placed
     *
     * @return array{\DateTimeImmutable, \DateTimeImmutable} when, and at the earliest
     */
    private static function onceCooled(\DateTimeImmutable $at, \DateTimeImmutable $earliest, array $placed): array
    {
        foreach ($placed as $one) {
            if (BraiseJobs::PORTION === $one->job->id) {
                $earliest = max($earliest, self::after($one->to, self::COOLING_MINUTES));
            }
        }

        return [max($at, $earliest), $earliest];
    }

    /**
     * @param list<Placed> $placed
     *
     * @return array{\DateTimeImmutable, Person|null}
     */
    private function clear(
        Job $job, \DateTimeImmutable $at, \DateTimeImmutable $earliest, \DateTimeImmutable $latest, array $placed,
    ): array {
        for ($later = $at; $later <= $latest; $later = self::after($later, self::STEP_MINUTES)) {
            $who = $this->who($job, $later, $placed);
            if (null !== $who) {
                return [$later, $who];
            }
        }
        for ($sooner = $at; $sooner >= $earliest; $sooner = self::after($sooner, -self::STEP_MINUTES)) {
            $who = $this->who($job, $sooner, $placed);
            if (null !== $who) {
                return [$sooner, $who];
            }
        }

        return [$at, null];
    }

    /**
     * The first who is there and has nothing else to do.
     *
     * @param list<Placed> $placed
     */
    private function who(Job $job, \DateTimeImmutable $from, array $placed): ?Person
    {
        $to = self::after($from, $job->minutes);
        $meanwhile = array_filter(
            [...$this->beside, ...$placed], static fn (Placed $p): bool => $p->job->hands && $p->from < $to && $from < $p->to,
        );
        $engaged = array_map(static fn (Placed $p): string => $p->person->id ?? '', $meanwhile);
        foreach ($this->people->persons as $person) {
            if (!\in_array($person->id, $engaged, true) && $person->presence->isFree($from, $to)) {
                return $person;
            }
        }

        return null;
    }

    /** @return list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> job, when, earliest, latest, what of */
    private function all(): array
    {
        $moments = [];
        $sauce = $this->day->at(TaskKind::Sauce)->at ?? $this->day->serve;
        foreach ($this->day->tasks as $task) {
            if (TaskKind::SettingChange === $task->kind && 0 === $task->variables['byItself']) {
                $moments[] = [
                    new Job('turn-setting', 'turn-setting', $task->variables, self::TURNING_MINUTES, true), $task->at, $task->at,
                    self::after($task->at, self::TURNING_SLACK),
                    (string) $task->variables['setting'],
                ];
            }
        }
        foreach ($this->work->in(Stage::During) as $chore) {
            if (BraiseJobs::FORK_TEST === $chore->id) {
                $test = $this->day->at(TaskKind::ForkTest);
                array_push($moments, ...(null === $test ? [] : [
                    [
                        BraiseJobs::job($chore), $test->at, min($test->at, self::after($sauce, -self::AT_THE_SAUCE)),
                        self::after($sauce, -$test->minutes), '',
                    ],
                ]));
                continue;
            }
            $at = self::down(null === $chore->atHour ? self::after($sauce, -(int) round((float) $chore->beforeEnd)) : self::after(
                $this->day->switchOn, (int) round(60 * $chore->atHour),
            ));
            $moments[] = [
                BraiseJobs::job($chore), $at, self::after($at, -self::ADDING_SLACK),
                min(self::after($at, (int) min(self::ADDING_SLACK, ($chore->beforeEnd ?? \INF) / 2)), $sauce),
                (string) (\in_array($chore->code, self::TOLD, true) ? $chore->variables['text'] : $chore->variables['food'] ?? ''),
            ];
        }

        return [...$moments, ...$this->leftovers()];
    }

    /** @return list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> */
    private function leftovers(): array
    {
        $jobs = array_column(array_map(
            static fn (Chore $c): array => [$c->id, BraiseJobs::job($c)], $this->work->in(Stage::Later),
        ), 1, 0);
        [$portion, $fridge] = [$jobs[BraiseJobs::PORTION] ?? null, $jobs[BraiseJobs::INTO_FRIDGE] ?? null];
        if (null === $fridge) {
            return [];
        }
        $cooled = self::after($this->day->serve, (int) self::FRIDGE_BY_MINUTES - $fridge->minutes);
        $minutes = $portion->minutes ?? 0;
        $latest = self::after($cooled, -self::COOLING_MINUTES - $minutes);
        [$at, $into] = [$latest, $cooled];
        // Before bed, or before somebody goes out, it is boxed sooner after eating.
        for ($eating = self::EATING_MINUTES; $eating >= self::STEP_MINUTES; $eating -= self::STEP_MINUTES) {
            $boxed = $this->people->firstFree(self::after($this->day->serve, $eating), $minutes, $latest);
            $chilled = null === $boxed
                ? null
                : $this->people->firstFree(self::after($boxed, $minutes + self::COOLING_MINUTES), $fridge->minutes, $cooled);
            if (null !== $boxed && null !== $chilled) {
                [$at, $into] = [$boxed, $chilled];
                break;
            }
        }
        $cold = null === $portion ? self::after($this->day->serve, self::COOLING_MINUTES) : self::after($at,
            $minutes + self::COOLING_MINUTES);

        return [
            ...(null === $portion ? [] : [[$portion, $at, $this->day->serve, $latest, '']]),
            [$fridge, $into, min($cold, $cooled), $cooled, ''],
        ];
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
