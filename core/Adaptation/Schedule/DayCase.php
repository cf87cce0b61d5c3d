<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Evaluate\Chores;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Day\Thoroughness;

/** One day to be planned: a braise, its sides, a kitchen, and times the cook has set. */
final readonly class DayCase
{
    private const STEP_MINUTES = 5;

    /**
     * @param list<Side>                        $sides
     * @param array<string, \DateTimeImmutable> $pins     by job
     * @param list<Placed>                      $reserved by other braises of the day
     */
    public function __construct(
        public AdaptedBraise $braise, public DayPlan $day, public array $sides, public array $pins = [], private array $reserved = [],
    ) {
    }

    /** @param list<Side> $sides */
    public function with(array $sides): self
    {
        return new self($this->braise, $this->day, $sides, $this->pins, $this->reserved);
    }

    /** In another kitchen, where the pot may be switched on at another time. */
    public function in(Kitchen $kitchen): self
    {
        $braise = $this->braise->in($kitchen);
        $day = OwnDay::of($braise->order, $braise->chosen, $this->day->serve);

        return new self($braise, $day instanceof DayPlan ? $day : $this->day, $this->sides, $this->pins, $this->reserved);
    }

    /** @param array<string, \DateTimeImmutable> $pins */
    public function pinned(array $pins): self
    {
        return new self($this->braise, $this->day, $this->sides, $pins, $this->reserved);
    }

    /** With the cooker run another way; null where that doesn't work. */
    public function running(ProgramChoice $choice): ?self
    {
        $braise = $this->braise->run($choice);
        $day = $braise?->day();

        return null !== $braise && $day instanceof DayPlan ? new self($braise, $day, $this->sides, $this->pins, $this->reserved) : null;
    }

    /** With another dinner; null where the braise can't be ready for it. */
    public function serving(\DateTimeImmutable $serve): ?self
    {
        $day = OwnDay::of($this->braise->order, $this->braise->chosen, $serve);

        return $day instanceof DayPlan ? new self($this->braise, $day, $this->sides, $this->pins, $this->reserved) : null;
    }

    /** The day with its times; null where it can't be. The sauce, and the pot with it, begins as much sooner as the sides need. */
    public function plan(int $mostSteps, Thoroughness $wanted = Thoroughness::Best): ?PlannedDay
    {
        for ($allowed = Chores::MOST_SAUCE_WAITS; $allowed >= 0; $allowed = $minutes - self::STEP_MINUTES) {
            $schedule = $this->schedule($mostSteps, $allowed, $wanted);
            if (null === $schedule) {
                return null;
            }
            $minutes = $this->minutesSooner($schedule);
            if (0 === $minutes) {
                return new PlannedDay($this->braise, $this->day, $schedule);
            }
            $day = OwnDay::of($this->braise->order, $this->braise->chosen, $this->day->serve, $minutes);
            $sooner = $day instanceof DayPlan
                ? (new self($this->braise, $day, $this->sides, $this->pins, $this->reserved))->schedule($mostSteps, 0, $wanted)
                : null;
            if ($day instanceof DayPlan && null !== $sooner) {
                return new PlannedDay($this->braise->onDay($day, $minutes), $day, $sooner);
            }
        }

        return null;
    }

    /** By how much the sauce is begun sooner than it must be. */
    private function minutesSooner(Schedule $schedule): int
    {
        $sauce = $this->day->at(TaskKind::Sauce)->at ?? $this->day->serve;
        $lift = $schedule->find((new BraiseJobs($this->braise, $this->day))->firstOfFinish())->from ?? $sauce;
        $minutes = ($sauce->getTimestamp() - $lift->getTimestamp()) / 60;

        return max(0, (int) ceil($minutes / self::STEP_MINUTES) * self::STEP_MINUTES);
    }

    public function kitchen(): Kitchen
    {
        return $this->braise->order->kitchen;
    }

    public function isPossible(int $mostSteps): bool
    {
        return null !== $this->plan($mostSteps, Thoroughness::Any);
    }

    private function schedule(int $mostSteps, int $sooner, Thoroughness $wanted): ?Schedule
    {
        $jobs = new BraiseJobs($this->braise, $this->day);
        [$fixed] = $jobs->fixed($this->pins);
        $sides = array_merge(...array_map(fn (Side $s): array => $s->jobs($this->braise->order->recipe->serves), $this->sides));
        $toTheTable = array_map(static fn (Job $j): Job => null === $j->next ? $j->before(BraiseJobs::PLATE) : $j, $sides);

        return (new Scheduler($this->kitchen(), $this->braise->order->now, $this->day->serve, [...$fixed, ...$this->reserved]))->schedule(
            array_map(fn (Job $j): Job => $j->pinnedAt($this->pins[$j->id] ?? null), [...$jobs->movable($sooner), ...$toTheTable]),
            $mostSteps,
            $wanted,
        );
    }
}
