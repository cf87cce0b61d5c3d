<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Internal;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Caught;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Tenderness\Doneness;

/** The braise's own work as jobs: those the plan may move, and those that happen at their moment. */
final readonly class BraiseJobs
{
    public const PLATE = 'plate';
    public const LIFT = 'lift-out';
    public const LOAD = 'load';
    public const FORK_TEST = 'fork-test';
    /** Minutes by which the sauce may be done before it is plated. */
    public const MOST_SAUCE_WAITS = 25;
    /** What may wait how long for the next, minutes; nothing that was browned is kept. Estimates, docs/model.md §8. */
    private const WAITS = [
        'cut-vegetables' => 960, 'mix-spices' => 960, 'beans-on' => 0, 'boil-beans' => 60, 'dry-meat' => 15, 'brown-meat' => 10, 'fry-base' => 10,
        'boil-wine-down' => 10, 'warm-insert' => 5, 'load' => 0,
        'lift-out' => 10, 'strain-and-skim' => 10, 'reduce' => 5, 'shred-meat' => 25, 'slurry' => self::MOST_SAUCE_WAITS, 'plate' => 0,
    ];
    private const RINGS = ['brown-meat', 'fry-base', 'boil-wine-down', 'boil-beans', 'reduce', 'slurry'];
    private const HANDS_OFF = ['boil-wine-down', 'boil-beans', 'reduce'];
    private const AHEAD = ['cut-vegetables', 'mix-spices'];
    private const EVENING_MINUTES = 540;
    private const BEFORE_BED_MINUTES = 60;
    private const QUARTER = 900;
    private const SALTING_MINUTES = 5;
    private const SOAKING_MINUTES = 5;
    private const ADDING_MINUTES = 5;
    /** What goes in late may go in that much sooner or later, minutes. */
    private const ADDING_SLACK = 30;
    private const TURNING_MINUTES = 2;
    private const EATING_MINUTES = 60;
    private const PORTION_MINUTES = 10;
    private const FRIDGE_MINUTES = 5;
    private const COOLING_MINUTES = 30;
    private const FRIDGE_BY_MINUTES = 60 * Rules::LEFTOVER_HOURS;

    public function __construct(private AdaptedBraise $braise, private DayPlan $day)
    {
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

    /** @return list<Caught> what should have been done the evening before, and can't be any more */
    public function missedEvening(): array
    {
        return null !== $this->eveningEnds() ? [] : array_map(static fn (Job $j): Caught => new Caught('evening-'.$j->code, (string) ($j->variables['food'] ?? ''), null), $this->eveningWork());
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
            $from = null === $pin || null !== $why ? $at : $pin;
            $who = $people->who($from, self::after($from, $job->minutes));
            if (null === $who) {
                $caught[] = new Caught($job->code, $food, $from);
            } else {
                $placed[] = new Placed($job->pinnedAt(null === $why ? $pin : null), $from, self::after($from, $job->minutes), $who);
            }
        }

        return [$placed, $caught, $refused];
    }

    /** @return list<array{Job, \DateTimeImmutable, \DateTimeImmutable, \DateTimeImmutable, string}> job, when, earliest, latest, what of */
    private function moments(): array
    {
        $moments = [];
        $sauce = $this->day->at(TaskKind::Sauce)->at ?? $this->day->serve;
        foreach ($this->day->tasks as $task) {
            if (TaskKind::ForkTest === $task->kind) {
                $moments[] = [new Job(self::FORK_TEST, self::FORK_TEST, [], $task->minutes, true), $task->at, $task->at, self::after($sauce, -$task->minutes), ''];
            } elseif (TaskKind::SettingChange === $task->kind && 0 === $task->variables['byItself']) {
                $moments[] = [new Job('turn-setting', 'turn-setting', $task->variables, self::TURNING_MINUTES, true), $task->at, $task->at, $task->at, (string) $task->variables['setting']];
            }
        }
        foreach ($this->late($sauce) as $id => [$food, $at]) {
            $moments[] = [new Job("add-$id", 'add-food', ['food' => $food], self::ADDING_MINUTES, true), $at, self::after($at, -self::ADDING_SLACK), self::after($at, self::ADDING_SLACK), $food];
        }
        $cooled = self::after($this->day->serve, (int) self::FRIDGE_BY_MINUTES - self::FRIDGE_MINUTES);
        $portion = $this->braise->order->kitchen->people->firstFree(self::after($this->day->serve, self::EATING_MINUTES), self::PORTION_MINUTES, self::after($cooled, -self::COOLING_MINUTES));
        if (null !== $portion) {
            $moments[] = [new Job('portion', 'portion', [], self::PORTION_MINUTES, true), $portion, $this->day->serve, self::after($cooled, -self::COOLING_MINUTES), ''];
        }
        $fridge = $this->braise->order->kitchen->people->firstFree(self::after($portion ?? $cooled, self::PORTION_MINUTES + self::COOLING_MINUTES), self::FRIDGE_MINUTES, $cooled) ?? $cooled;
        $moments[] = [new Job('into-fridge', 'into-fridge', [], self::FRIDGE_MINUTES, true), $fridge, self::after($this->day->serve, self::COOLING_MINUTES), $cooled, ''];

        return $moments;
    }

    /** @return array<string, array{string, \DateTimeImmutable}> what goes in late, by its identity, and when */
    private function late(\DateTimeImmutable $sauce): array
    {
        $late = [];
        foreach ($this->braise->ledger as $entry) {
            $food = (string) ($entry->variables['food'] ?? '');
            $id = (string) ($entry->variables['id'] ?? $food);
            if (!$entry->refused && 'add-late' === $entry->code) {
                $late[$id] = [$food, self::down(self::after($sauce, -(int) $entry->variables['minutes']))];
            } elseif (!$entry->refused && 'add-at' === $entry->code) {
                $late[$id] = [$food, self::down(self::after($this->day->switchOn, (int) round(60 * (float) $entry->variables['afterHours'])))];
            }
        }

        return $late;
    }

    /** @return list<Job> */
    private function evening(): array
    {
        $ends = $this->eveningEnds();

        return null === $ends ? [] : array_map(static fn (Job $j): Job => new Job($j->id, $j->code, $j->variables, $j->minutes, true, waits: self::EVENING_MINUTES - $j->minutes, by: $ends), $this->eveningWork());
    }

    /** @return list<Job> */
    private function eveningWork(): array
    {
        $order = $this->braise->order;
        $ingredients = $order->potIngredients();
        $jobs = [];
        foreach ($ingredients as $i) {
            if (true === $i->food?->phaseolus || true === $i->food?->soak) {
                $jobs[] = new Job('night-soak', 'soak-beans', ['food' => $i->foodText], self::SOAKING_MINUTES, true);
                break;
            }
        }
        if ($order->handling->saltsTheNightBefore) {
            $jobs[] = new Job('night-salt', 'salt-meat', [], self::SALTING_MINUTES, true);
        }
        $cutting = $order->handling->cutsTheNightBefore ? HandsOn::cutting($ingredients) : null;
        if (null !== $cutting) {
            $water = array_map(static fn (Ingredient $i): string => $i->foodText, array_filter($ingredients, static fn (Ingredient $i): bool => true === $i->food?->underWater));
            $jobs[] = new Job('night-cut-vegetables', 'cut-ahead', [...$cutting->from, 'list' => [] === $water ? 'none' : implode(', ', $water)], max(1, (int) $cutting->value), true);
        }
        $mixing = $order->handling->mixesTheNightBefore ? HandsOn::mixing($ingredients) : null;
        if (null !== $mixing) {
            $jobs[] = new Job('night-mix-spices', $mixing->code, $mixing->from, max(1, (int) $mixing->value), true);
        }

        return $jobs;
    }

    /** When the work of the evening before is done, not just before bed if it can be helped; null where nobody is there for it. */
    private function eveningEnds(): ?\DateTimeImmutable
    {
        $last = $this->lastFree($this->midnight());

        return null === $last ? null : $this->lastFree(self::after($last, -self::BEFORE_BED_MINUTES)) ?? $last;
    }

    private function lastFree(\DateTimeImmutable $until): ?\DateTimeImmutable
    {
        $minutes = (int) array_sum(array_map(static fn (Job $j): int => $j->minutes, $this->eveningWork()));
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

    /** @return list<Job> */
    private function beforeLoading(): array
    {
        $jobs = self::inTurn($this->braise->chosen->before, self::AHEAD);
        foreach ($jobs as $k => $job) {
            if ('beans-on' === $job->code) {
                $jobs[$k] = self::job('beans-on', $job->variables, $job->minutes, 'boil-beans');
                $jobs[] = self::job('boil-beans', $job->variables, Rules::BEAN_MINUTES, self::LOAD);
            }
        }

        return array_map(fn (Job $j): Job => self::LOAD === $j->id ? new Job($j->id, $j->code, $j->variables, $j->minutes, true, by: $this->day->switchOn) : $j, $jobs);
    }

    /** @return list<Job> */
    private function finish(int $sooner): array
    {
        $order = $this->braise->order;
        $begins = self::after($this->day->at(TaskKind::Sauce)->at ?? $this->day->serve, -$sooner);
        $finish = $this->braise->chosen->finish;
        $terms = array_values(array_filter($finish->terms, static fn (Term $t): bool => !\in_array($t->code, ['shred-meat', 'sauce-waits'], true)));
        $jobs = [];
        foreach (self::inTurn(new Sum($finish->code, $finish->unit, $terms), []) as $job) {
            $jobs[] = match ($job->id) {
                self::LIFT => new Job($job->id, $job->code, $job->variables, $job->minutes, true, waits: $job->waits, next: $job->next, notBefore: $begins),
                self::PLATE => new Job($job->id, $job->code, $this->takeOut(), $job->minutes, true, by: $this->day->serve),
                default => $job,
            };
        }
        if (Doneness::Pulls === $order->texture) {
            $jobs[] = new Job('shred-meat', 'shred-meat', [], (int) HandsOn::shredding($order->joint->boneless), true, waits: self::WAITS['shred-meat'], next: self::PLATE, after: self::LIFT);
        }

        return $jobs;
    }

    /** @return array<string, string> what comes out again before it is served */
    private function takeOut(): array
    {
        foreach ($this->braise->findings as $finding) {
            if ('take-out' === $finding->rule) {
                return ['list' => (string) $finding->variables['list']];
            }
        }

        return ['list' => 'none'];
    }

    /**
     * One after the other, but what can be made ready ahead leads to the last.
     *
     * @param list<string> $ahead codes
     *
     * @return list<Job>
     */
    private static function inTurn(Sum $work, array $ahead): array
    {
        $jobs = [];
        $next = null;
        $last = null;
        foreach (array_reverse($work->terms) as $term) {
            $minutes = (int) round($term->value);
            if ($minutes < 1) {
                continue;
            }
            $isAhead = \in_array($term->code, $ahead, true) || 'beans-on' === $term->code;
            $base = \in_array('fry-base', array_map(static fn (Job $j): string => $j->id, $jobs), true) ? 'fry-base' : $last;
            $jobs[] = self::job($term->code, $term->from, $minutes, $isAhead ? ('cut-vegetables' === $term->code ? $base : $last) : $next);
            $next = $isAhead ? $next : $term->code;
            $last ??= $term->code;
        }

        return $jobs;
    }

    /**
     * What one piece of the braise's own work takes.
     *
     * @param array<string, float|int|string> $variables
     */
    public static function job(string $code, array $variables, int $minutes, ?string $next): Job
    {
        return new Job($code, $code, $variables, $minutes, !\in_array($code, self::HANDS_OFF, true), \in_array($code, self::RINGS, true) ? 1 : 0, 0, self::WAITS[$code], $next);
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
