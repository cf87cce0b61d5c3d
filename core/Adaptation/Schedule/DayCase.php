<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Adaptation\Change\WithoutOwnStart;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Job;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Schedule;
use Pausis\Core\Day\Scheduler;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\TaskKind;
use Pausis\Core\Day\Thoroughness;

/**
 * One day to be planned: a braise, its sides, a kitchen, and times the cook has set.
 *
 * From the plate backwards: sauce and sides first, the sauce as much sooner as they need; then the work before the latest
 * start from which the meat is ready by then, or an earlier one; then what has its moment in between.
 */
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

    /** Switched on when the plan says; null where it is, or the pot is on. */
    public function withoutOwnStart(): ?self
    {
        $handling = $this->braise->order->handling;
        if (null === $handling->switchOn || $handling->isOn) {
            return null;
        }
        $braise = $this->braise->ordered((new WithoutOwnStart())->of($this->braise->order));
        $day = OwnDay::of($braise->order, $braise->chosen, $this->day->serve);

        return $day instanceof DayPlan ? new self($braise, $day, $this->sides, $this->pins, $this->reserved) : null;
    }

    /** @param list<Placed> $reserved by other braises of the day */
    public function beside(array $reserved): self
    {
        return new self($this->braise, $this->day, $this->sides, $this->pins, $reserved);
    }

    /** With another dinner; null where the braise can't be ready for it. */
    public function serving(\DateTimeImmutable $serve): ?self
    {
        $day = OwnDay::of($this->braise->order, $this->braise->chosen, $serve);

        return $day instanceof DayPlan ? new self($this->braise, $day, $this->sides, $this->pins, $this->reserved) : null;
    }

    /** The day with its times; null where none was found. What has its moment gives way where it must. */
    public function plan(int $mostSteps, Thoroughness $wanted = Thoroughness::Best): ?PlannedDay
    {
        $moments = $this->moments($this->day, [])[0];

        return $this->around($moments, $mostSteps, $wanted) ?? ([] === $moments ? null : $this->around([], $mostSteps, $wanted));
    }

    public function isPossible(int $mostSteps): bool
    {
        return null !== $this->plan($mostSteps, Thoroughness::Any);
    }

    public function kitchen(): Kitchen
    {
        return $this->braise->order->kitchen;
    }

    /**
     * What has its moment on that day, beside other work.
     *
     * @param list<Placed> $beside
     *
     * @return array{list<Placed>, list<Caught>, array<string, string>}
     */
    public function moments(DayPlan $day, array $beside): array
    {
        return (new Moments(
            $this->kitchen()->people, $this->braise->chosen->work, $day, [...$this->reserved, ...$beside],
        ))->placed($this->pins);
    }

    /** @param list<Placed> $moments that keep their time */
    private function around(array $moments, int $mostSteps, Thoroughness $wanted): ?PlannedDay
    {
        for ($allowed = $this->braise->chosen->work->waitsBeforeThePlate(); $allowed >= 0; $allowed = $minutes - self::STEP_MINUTES) {
            $dinner = $this->schedule($this->dinner($allowed, $this->reserved), $moments, $this->day->serve, $mostSteps, $wanted);
            if (null === $dinner) {
                return null;
            }
            $minutes = $this->minutesSooner($dinner);
            $planned = $this->loadedFor($dinner, $mostSteps, $wanted);
            if (null !== $planned) {
                return $planned;
            }
        }

        return null;
    }

    /** What is left of a dinner whose pot is on: the day follows the pot. */
    public function followed(int $mostSteps): ?PlannedDay
    {
        $moments = $this->moments($this->day, [])[0];
        $wanted = Thoroughness::Best;
        $waits = $this->braise->chosen->work->waitsBeforeThePlate();
        $dinner = $this->schedule($this->dinner($waits, $this->reserved), $moments, $this->day->serve, $mostSteps, $wanted)
            ?? $this->schedule($this->dinner($waits, $this->reserved), [], $this->day->serve, $mostSteps, $wanted);

        return null === $dinner ? null : new PlannedDay(
            $this->braise, $this->day, $dinner, ...$this->moments($this->day, $dinner->placed),
        );
    }

    /** With the pot switched on as late as its meat and the work before it allow. */
    public function loadedFor(Schedule $dinner, int $mostSteps, Thoroughness $wanted): ?PlannedDay
    {
        $order = $this->braise->order;
        $sooner = $this->minutesSooner($dinner);
        $day = 0 === $sooner ? $this->day : OwnDay::of($order, $this->braise->chosen, $this->day->serve, $sooner);
        $loaded = $this->loadedFrom($day, null, $dinner, $sooner, $mostSteps, $wanted);
        if (null !== $loaded || null !== $order->handling->switchOn || !$day instanceof DayPlan) {
            return $loaded;
        }
        $unlooked = OwnDay::of($order, $this->braise->chosen, $this->day->serve, $sooner, looked: false);

        return $this->loadedFrom($unlooked, $day->switchOn, $dinner, $sooner, $mostSteps, $wanted);
    }

    /** @param \DateTimeImmutable|null $after of the starts, only those */
    private function loadedFrom(
        DayPlan|Clash|null $day, ?\DateTimeImmutable $after, Schedule $dinner, int $sooner, int $mostSteps, Thoroughness $wanted,
    ): ?PlannedDay {
        $order = $this->braise->order;
        while ($day instanceof DayPlan && (null === $after || $day->switchOn > $after)) {
            $loading = $this->schedule($this->jobs()->toLoading($day->switchOn), $dinner->placed, $day->switchOn, $mostSteps, $wanted);
            if (null !== $loading) {
                $schedule = $dinner->and($loading);

                return new PlannedDay(
                    $this->braise->onDay($day, $sooner), $day, $schedule, ...$this->moments($day, $schedule->placed),
                );
            }
            $day = null !== $order->handling->switchOn ? null : OwnDay::of(
                $order, $this->braise->chosen, $this->day->serve, $sooner, $day->switchOn->modify('-'.self::STEP_MINUTES.' minutes'),
                null === $after,
            );
        }

        return null;
    }

    /** By how much the sauce is begun sooner than it must be. */
    private function minutesSooner(Schedule $schedule): int
    {
        $sauce = $this->sauce();
        $first = $schedule->find($this->jobs()->firstOfFinish())->from ?? $sauce;
        $minutes = ($sauce->getTimestamp() - $first->getTimestamp()) / 60;

        return max(0, (int) ceil($minutes / self::STEP_MINUTES) * self::STEP_MINUTES);
    }

    private function sauce(): \DateTimeImmutable
    {
        return $this->day->at(TaskKind::Sauce)->at ?? $this->day->serve;
    }

    private function jobs(): BraiseJobs
    {
        return new BraiseJobs($this->braise->order, $this->braise->chosen->work);
    }

    /**
     * The sauce, begun sooner by no more than that, and the sides.
     *
     * @param list<Placed> $others
     *
     * @return list<Job>
     */
    public function dinner(int $sooner, array $others): array
    {
        $sides = null !== $this->braise->order->handling->eatenOn ? [] : array_merge(
            ...array_map(fn (Side $s): array => $s->jobs($this->braise->order->recipe->serves), $this->sides),
        );

        return [
            ...$this->jobs()->toThePlate($this->sauce()->modify("-$sooner minutes"), $this->day->serve, $others),
            ...array_map(static fn (Job $j): Job => null === $j->next ? $j->before(BraiseJobs::PLATE) : $j, $sides),
        ];
    }

    /**
     * @param list<Job>    $jobs
     * @param list<Placed> $beside
     */
    private function schedule(array $jobs, array $beside, \DateTimeImmutable $until, int $mostSteps, Thoroughness $wanted): ?Schedule
    {
        return (new Scheduler($this->kitchen(), $this->braise->order->now, $until, [...$beside, ...$this->reserved]))->schedule(
            array_map(fn (Job $j): Job => $j->pinnedAt($this->pins[$j->id] ?? null), $jobs), $mostSteps, $wanted,
        );
    }
}
