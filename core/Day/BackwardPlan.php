<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Window;

/**
 * From the plate back to the switch: the latest start at which the meat is ready in nine pots of ten before the sauce
 * must be begun, and at which the cook is there to prepare and load.
 */
final class BackwardPlan
{
    private const STEP = 300;                    // seconds; clock times a cook can keep
    private const LONGEST_HOURS = 24.0;
    /** A sauce may be begun so much after its time before dinner is said to move. */
    private const GRACE_MINUTES = 10;
    private const FRIDGE_HOURS = 2;
    private const HORIZON_DAYS = 2;
    private const TURN_MINUTES = 2;
    private const TURN_SLACK = 15.0;
    /** Between these times of day another dinner is worth proposing. */
    private const FIRST_MEAL = '11:30';
    private const LAST_MEAL = '21:30';
    private const DINNER_STEP = 900;             // seconds; dinners are at quarter hours

    private readonly ForkTests $tests;
    private readonly float $before;
    private readonly float $finish;
    private readonly ?\DateTimeImmutable $sauce;
    /** @var array<int, bool> whether somebody is there to prepare for each switch-on that was looked at: many dinners share them */
    private array $loadable = [];
    /** @var list<float> hours after switching on at which somebody turns the cooker to another setting */
    private array $turns = [];
    /** Whether there was a start at which it could be loaded, and nobody to turn it. */
    private bool $missesATurn = false;
    /** @var array<string, Looks> the fork tests of each of them, and a sauce */
    private array $looks = [];

    /**
     * @param Chain                   $dinner  from the pot to the plate
     * @param int                     $sooner  minutes by which the sauce is begun sooner than it must be
     * @param float                   $late    minutes by which the guests may be late
     * @param \DateTimeImmutable|null $noLater for switching on
     * @param bool                    $looked  whether a start that leaves room for a look is better than a later one
     */
    public function __construct(
        private readonly \DateTimeImmutable $now,
        private readonly \DateTimeImmutable $serve,
        private readonly People $people,
        private readonly Loading $work,
        private readonly Chain $dinner,
        private readonly int $sooner = 0,
        private readonly ?\DateTimeImmutable $noLater = null,
        ?ForkTests $tests = null,
        private readonly float $late = 0.0,
        private readonly bool $looked = true,
    ) {
        $this->tests = $tests ?? ForkTests::free($people);
        $this->before = ceil($work->minutes() / 5) * 5;
        $this->finish = ceil(($dinner->minutes() + $sooner) / 5) * 5;
        $this->sauce = $this->sauceFor($serve);
    }

    /**
     * @param Window                  $ready    the texture wanted, hours after switching on
     * @param Window                  $past     past its best
     * @param \DateTimeImmutable|null $switchOn where the cook has set it
     */
    public function solve(
        Program $program, Window $ready, Window $past, ?\DateTimeImmutable $switchOn = null,
    ): DayPlan|Clash {
        if (null === $ready->earliest || null === $ready->likely || null === $ready->latest) {
            return new Clash(ClashReason::NeverReady, []);
        }
        $this->turns = self::turnsOf($program);
        $this->missesATurn = false;
        // Warm is counted to the plate, and to the last who comes.
        $longestOnWarm = $program->longestOnWarm() - ($this->finish + $this->late) / 60;
        $found = null === $switchOn
            ? $this->switchOnFor($this->serve, $ready, $past, $longestOnWarm)
            : $this->asSet($switchOn, $ready, $longestOnWarm);
        if ($found instanceof \DateTimeImmutable) {
            return $this->from(
                $found, $this->sauce ?? $this->minutesFrom($this->serve, -$this->finish), $this->serve, $program, $ready, $past, false,
            );
        }
        $sauce = $this->sauce ?? $this->minutesFrom($this->serve, -$this->finish);
        $latest = $this->latestStart($sauce, $ready);

        return new Clash(
            $found, ['latestStart' => $latest, 'minutes' => $this->before, 'sauce' => $sauce],
            fn (): array => ClashReason::StartTooLate === $found && null !== $switchOn
                ? [$this->dinnerFrom($switchOn, $ready, $longestOnWarm), null]
                : $this->nearestDinners($ready, $past, $longestOnWarm),
            match ($found) {
                ClashReason::AwayAtTheEnd => $this->people->hindrance($sauce, $this->serve),
                ClashReason::NoTimeToLoad => $this->people->hindrance(
                    $this->minutesFrom($switchOn ?? $latest, -$this->before), $switchOn ?? $latest,
                ),
                default => null,
            },
        );
    }

    /** A start that the cook has set: kept, or what is wrong with it. */
    private function asSet(\DateTimeImmutable $on, Window $ready, float $longestOnWarm): \DateTimeImmutable|ClashReason
    {
        $sauce = $this->sauce ?? $this->minutesFrom($this->serve, -$this->finish);

        return match (true) {
            !$this->isLoadable($on) => $this->unloaded($on),
            !$this->isTurned($on) => ClashReason::NobodyToTurn,
            !$this->isReadyBy($sauce, $on, $ready) => ClashReason::StartTooLate,
            ($sauce->getTimestamp() - $on->getTimestamp()) / 3600 > $longestOnWarm => ClashReason::TooLongOnWarm,
            ($sauce->getTimestamp() - $on->getTimestamp()) / 3600 > self::LONGEST_HOURS => ClashReason::LongerThanADay,
            null === $this->sauce => ClashReason::AwayAtTheEnd,
            default => $on,
        };
    }

    private function switchOnFor(
        \DateTimeImmutable $serve, Window $ready, Window $past, float $longestOnWarm,
    ): \DateTimeImmutable|ClashReason {
        $found = $serve == $this->serve ? $this->sauce : $this->sauceFor($serve);
        $sauce = $found ?? $this->minutesFrom($serve, -$this->finish);
        $latest = $this->latestStart($sauce, $ready);
        if ($latest < $this->now) {
            return ClashReason::TooSoon;
        }
        if (null === $found) {
            return ClashReason::AwayAtTheEnd;
        }
        $latest = min($latest, $this->noLater ?? $latest);
        // However much sooner the sauce is begun than it must be.
        $must = $this->minutesFrom($sauce, $this->sooner);
        $stop = $must->getTimestamp() - 3600 * (self::longestCook($longestOnWarm, $past) + $this->tests->mostHours());
        $sooner = (int) ($latest->getTimestamp() - 3600 * $this->tests->roomForOne((float) $ready->latest));

        return ($this->looked ? $this->latestOf($latest, max($stop, $sooner), $sauce, $must, $ready, $past, $longestOnWarm, true) : null)
            ?? $this->latestOf($latest, $stop, $sauce, $must, $ready, $past, $longestOnWarm, false)
            ?? $this->unloaded($latest);
    }

    /**
     * The latest start from which it is ready in time, with the looks that leave it so.
     *
     * @param float $stop   timestamp before which none is looked for
     * @param bool  $looked whether only one that has room for a look counts: it costs little, and tells how it goes
     */
    private function latestOf(
        \DateTimeImmutable $latest, float $stop, \DateTimeImmutable $sauce, \DateTimeImmutable $must, Window $ready, Window $past,
        float $longestOnWarm, bool $looked,
    ): ?\DateTimeImmutable {
        for ($t = $latest->getTimestamp(); $t >= max($stop, $this->now->getTimestamp()); $t -= self::STEP) {
            $on = $latest->setTimestamp($t);
            if (!$this->isLoadable($on)) {
                continue;
            }
            if (!$this->isTurned($on)) {
                $this->missesATurn = true;
                continue;
            }
            $looks = $this->looks["$t {$must->getTimestamp()}"] ??= $this->tests->of($on, $ready, $must);
            if ((!$looked || null !== $looks->soonest()) && $this->hoursFrom($on, (float) $looks->in($ready)->latest) <= $sauce
                && $this->hoursFrom($on, self::longestCook($longestOnWarm, $looks->in($past))) >= $must) {
                return $on;
            }
        }

        return null;
    }

    /** In as many pots as are asked for, with the fork tests that are proposed. */
    private function isReadyBy(\DateTimeImmutable $sauce, \DateTimeImmutable $on, Window $ready): bool
    {
        return $this->hoursFrom($on, (float) $ready->latest) <= $sauce
            && $this->hoursFrom($on, (float) $this->tests->of($on, $ready, $sauce)->in($ready)->latest) <= $sauce;
    }

    /** The first dinner, in quarter hours, for which a pot that is switched on then is ready and somebody there. */
    private function dinnerFrom(\DateTimeImmutable $on, Window $ready, float $longestOnWarm): ?\DateTimeImmutable
    {
        $serve = $this->up($this->minutesFrom($this->hoursFrom($on, (float) $ready->latest), $this->finish), self::DINNER_STEP);
        $until = $this->minutesFrom($this->hoursFrom($on, min($longestOnWarm, self::LONGEST_HOURS)), $this->finish);
        for (; $serve <= $until; $serve = $serve->setTimestamp($serve->getTimestamp() + self::DINNER_STEP)) {
            $sauce = $this->sauceFor($serve);
            if (null !== $sauce && $this->isReadyBy($sauce, $on, $ready)) {
                return $serve;
            }
        }

        return null;
    }

    private function unloaded(\DateTimeImmutable $on): ClashReason
    {
        return match (true) {
            $this->minutesFrom($on, -$this->before) < $this->now => ClashReason::TooSoon,
            $this->missesATurn => ClashReason::NobodyToTurn,
            default => ClashReason::NoTimeToLoad,
        };
    }

    /** @return list<float> hours after switching on */
    private static function turnsOf(Program $program): array
    {
        $byHand = array_filter(
            \array_slice($program->changes, 1),
            static fn (SettingChange $c): bool => Setting::Warm !== $c->setting && $c !== $program->firstHeat(),
        );

        return array_values(array_map(static fn (SettingChange $c): float => $c->at->inHours(), $byHand));
    }

    /** Whether somebody is there to turn it, near enough to when it is to be turned. */
    private function isTurned(\DateTimeImmutable $on): bool
    {
        foreach ($this->turns as $hours) {
            $at = $this->hoursFrom($on, $hours);
            if (null === $this->people->firstFree($at, self::TURN_MINUTES, $this->minutesFrom($at, self::TURN_SLACK))) {
                return false;
            }
        }

        return true;
    }

    private function isLoadable(\DateTimeImmutable $on): bool
    {
        return $this->loadable[$on->getTimestamp()] ??= $this->work->isDoneBy($on, $this->people, $this->now);
    }

    /** When the sauce is begun for a dinner: as late as somebody is there for each piece of work from the pot to the plate. */
    private function sauceFor(\DateTimeImmutable $serve): ?\DateTimeImmutable
    {
        $begin = $this->dinner->latestBegin($this->people, $serve);

        return null === $begin ? null : $this->down($this->minutesFrom($begin, -$this->sooner));
    }

    /** Hours from switching on to the sauce: at most until half of such pots are past their best, and not too long on Warm. */
    private static function longestCook(float $longestOnWarm, Window $past): float
    {
        return min($past->likely ?? self::LONGEST_HOURS, $longestOnWarm);
    }

    private function latestStart(\DateTimeImmutable $sauce, Window $ready): \DateTimeImmutable
    {
        return $this->down($this->hoursFrom($sauce, -(float) $ready->latest));
    }

    /**
     * The same with the pot already on: dinner moves if the meat needs it to, or if the sauce is not begun in time.
     *
     * @param \DateTimeImmutable|null $begun when the sauce was begun
     * @param bool                    $holds whether dinner stays although some of such pots won't be ready for it
     */
    public function follow(
        \DateTimeImmutable $on, Program $program, Window $ready, Window $past, ?\DateTimeImmutable $begun = null, bool $holds = false,
    ): DayPlan {
        $wanted = $this->minutesFrom($this->serve, -$this->finish);
        $latest = (float) $this->tests->of($on, $ready, $wanted)->in($ready)->latest;
        $due = $holds ? $wanted : max($wanted, $this->up($this->hoursFrom($on, $latest)));
        $sauce = $begun ?? ($this->minutesFrom($due, self::GRACE_MINUTES) < $this->now ? $this->up($this->now) : $due);
        $serve = $this->minutesFrom($sauce, $this->finish);

        return $this->from($on, $sauce, $serve, $program, $ready, $past, true);
    }

    /** When the sauce is begun for the dinner that is wanted, whoever is there. */
    public function sauceWanted(): \DateTimeImmutable
    {
        return $this->minutesFrom($this->serve, -$this->finish);
    }

    private function from(
        \DateTimeImmutable $on, \DateTimeImmutable $sauce, \DateTimeImmutable $serve, Program $program, Window $ready, Window $past,
        bool $running,
    ): DayPlan {
        $looks = $this->tests->of($on, $ready, $sauce);
        [$ready, $past] = [$looks->in($ready), $looks->in($past)];
        $tasks = $running ? [] : [new Task(TaskKind::Prepare, $this->minutesFrom($on, -$this->before), (int) round($this->before))];
        $tasks[] = new Task(
            TaskKind::SwitchOn, $on, 0,
            $program->firstHeat()->at->seconds > 0
                ? ['setting' => $program->firstHeat()->setting->value, 'delayMinutes' => $program->firstHeat()->at->inMinutes()]
                : ['setting' => $program->firstHeat()->setting->value],
        );
        foreach (\array_slice($program->changes, 1) as $change) {
            $at = $this->hoursFrom($on, $change->at->inHours());
            if ($at < $sauce) {
                $tasks[] = new Task(
                    TaskKind::SettingChange, $at, 0,
                    [
                        'setting' => $change->setting->value,
                        'byItself' => Setting::Warm === $change->setting || $change === $program->firstHeat() ? 1 : 0,
                    ],
                );
            }
        }
        $asked = null === $looks->soonest() ? null : $this->hoursFrom($on, $looks->soonest());
        // Where no look before is worth what it costs, the fork is asked when the sauce is to be begun, and costs nothing.
        $test = null !== $asked && $asked <= $sauce ? $asked : $this->minutesFrom($sauce, -ForkTests::MINUTES);
        $tasks[] = new Task(TaskKind::ForkTest, $test > $on ? $test : $sauce, ForkTests::MINUTES);
        $likely = $this->down($this->hoursFrom($on, (float) $ready->likely + 1 / 24));
        $tasks[] = new Task(TaskKind::LikelyReady, $likely, 0);
        $tasks[] = new Task(TaskKind::Sauce, $sauce, (int) round($this->finish));
        $tasks[] = new Task(TaskKind::Serve, $serve, 0);
        $tasks[] = new Task(TaskKind::Fridge, $this->hoursFrom($serve, self::FRIDGE_HOURS), 0);
        usort($tasks, static fn (Task $a, Task $b): int => $a->at <=> $b->at);

        return new DayPlan($on, $serve, $tasks, ($sauce->getTimestamp() - $likely->getTimestamp()) / 60,
            $past->shareBy(($sauce->getTimestamp() - $on->getTimestamp()) / 3600), $looks);
    }

    /**
     * @return array{\DateTimeImmutable|null, \DateTimeImmutable|null} the nearest that work after the one that is wanted and before it, in
     *                                                                 quarter hours
     */
    private function nearestDinners(Window $ready, Window $past, float $longestOnWarm): array
    {
        $soonest = $this->up(
            $this->hoursFrom($this->minutesFrom($this->now, $this->finish), (float) $ready->latest), self::DINNER_STEP,
        );
        $after = max($soonest, $this->up($this->minutesFrom($this->serve, 1), self::DINNER_STEP));
        $before = $this->serve->setTimestamp(intdiv($this->serve->getTimestamp() - 1, self::DINNER_STEP) * self::DINNER_STEP);

        return [
            $this->nearestDinner($after, self::DINNER_STEP, $after->modify('+'.self::HORIZON_DAYS.' days'), $ready, $past, $longestOnWarm),
            $this->nearestDinner(
                $before, -self::DINNER_STEP, max($soonest, $before->modify('-'.self::HORIZON_DAYS.' days')), $ready, $past,
                $longestOnWarm,
            ),
        ];
    }

    private function nearestDinner(
        \DateTimeImmutable $serve, int $step, \DateTimeImmutable $until, Window $ready, Window $past, float $longestOnWarm,
    ): ?\DateTimeImmutable {
        for (; $step > 0 ? $serve <= $until : $serve >= $until; $serve = $serve->setTimestamp($serve->getTimestamp() + $step)) {
            if ($this->isMeal($serve, $ready, $past, $longestOnWarm)) {
                return $serve;
            }
        }

        return null;
    }

    private function isMeal(\DateTimeImmutable $serve, Window $ready, Window $past, float $longestOnWarm): bool
    {
        $at = $serve->format('H:i');

        return $at >= self::FIRST_MEAL && $at <= self::LAST_MEAL
            && $this->switchOnFor($serve, $ready, $past, $longestOnWarm) instanceof \DateTimeImmutable;
    }

    private function hoursFrom(\DateTimeImmutable $at, float $hours): \DateTimeImmutable
    {
        return $at->setTimestamp((int) round($at->getTimestamp() + 3600 * $hours));
    }

    private function minutesFrom(\DateTimeImmutable $at, float $minutes): \DateTimeImmutable
    {
        return $this->hoursFrom($at, $minutes / 60);
    }

    private function down(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimestamp(intdiv($at->getTimestamp(), self::STEP) * self::STEP);
    }

    private function up(\DateTimeImmutable $at, int $step = self::STEP): \DateTimeImmutable
    {
        return $at->setTimestamp((int) (ceil($at->getTimestamp() / $step) * $step));
    }
}
