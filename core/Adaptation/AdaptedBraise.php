<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\Explain\WayOut;
use Pausis\Core\Adaptation\Rules\Stage;
use Pausis\Core\Adaptation\Schedule\BraiseJobs;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Learning\Looks;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Window;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Tenderness\Doneness;

/** The answer to an order: what each setting comes to, the one that is taken, and its day. */
final readonly class AdaptedBraise
{
    /**
     * @param non-empty-list<Outcome>      $outcomes   in the order Low, Medium where the cooker has it, High, and High then Low where Low
     *                                                 is refused
     * @param Outcome                      $chosen     the cook's choice, or the best
     * @param array<string, DayPlan|Clash> $days       by setting
     * @param list<Finding>                $findings   the most serious first
     * @param array<string, WayOut>        $remedies   by rule
     * @param int                          $sauceWaits minutes that the sauce is done before plating
     * @param list<string>                 $turn       ids of acts in the order of the day, where it is placed
     */
    public function __construct(
        public BraiseOrder $order,
        public array $outcomes,
        public Outcome $chosen,
        public array $days,
        public array $findings = [],
        public array $remedies = [],
        public int $sauceWaits = 0,
        public array $turn = [],
    ) {
    }

    public function day(): DayPlan|Clash
    {
        return $this->days[$this->chosen->choice->value];
    }

    public function works(Outcome $outcome): bool
    {
        return null === $outcome->unsafe && $this->days[$outcome->choice->value] instanceof DayPlan;
    }

    public function whySetting(): WhySetting
    {
        return match (true) {
            $this->order->wishes->choice === $this->chosen->choice => WhySetting::Cook,
            \in_array($this->chosen->choice->value, $this->order->ownSettings(), true) => WhySetting::Recipe,
            [] === $this->order->ownSettings() && $this->order->wishes->habit === $this->chosen->choice => WhySetting::House,
            default => WhySetting::Day,
        };
    }

    /** The recipe's or the house's setting that this day didn't let be; null where it is that which was taken. */
    public function passedOver(): ?ProgramChoice
    {
        $wonted = ProgramChoice::tryFrom($this->order->wonted()[0] ?? '');

        return WhySetting::Day === $this->whySetting() ? $wonted : null;
    }

    /** With the fork tests that its day proposes, hours after switching on. */
    public function window(Outcome $outcome, Doneness $level): Window
    {
        $day = $this->days[$outcome->choice->value];
        $window = $outcome->windows[$level->value];

        return $day instanceof DayPlan ? $day->window($window) : $window;
    }

    /** What would narrow its window most. */
    public function help(Outcome $outcome): ?Narrowing
    {
        return $outcome->help?->of($this->window($outcome, $this->order->wishes->texture));
    }

    /** @return array<string, Window> by doneness */
    public function windows(Outcome $outcome): array
    {
        $windows = [];
        foreach (Doneness::cases() as $level) {
            $windows[$level->value] = $this->window($outcome, $level);
        }

        return $windows;
    }

    /**
     * What is told of the hours of the setting that is taken, as its day has them.
     *
     * @param array<string, float|int|string> $variables
     *
     * @return array<string, float|int|string>
     */
    public function timed(array $variables): array
    {
        $window = $this->window($this->chosen, $this->order->wishes->texture);
        if (!isset($variables['earliestHours'], $variables['latestHours']) || null === $window->earliest || null === $window->latest) {
            return $variables;
        }
        $day = $this->day();
        $first = $day instanceof DayPlan ? $day->looks?->soonest() : null;

        return [
            ...$variables, 'earliestHours' => $window->earliest, 'latestHours' => $window->latest,
            'testHours' => $first ?? Looks::first($window) ?? $window->earliest,
        ];
    }

    /** Minutes from beginning the sauce to the plate. */
    public function finish(): Sum
    {
        $finish = $this->chosen->work->finish();
        $terms = $finish->terms;
        $plate = array_pop($terms);

        return 0 === $this->sauceWaits || null === $plate
            ? $finish
            : new Sum($finish->code, $finish->unit, [...$terms, new Term('sauce-waits', (float) $this->sauceWaits), $plate]);
    }

    /** Why it must not be cooked like that; null where it may. */
    public function forbidden(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->forbids()) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * @param list<Finding>         $findings
     * @param array<string, WayOut> $remedies by rule
     */
    public function finding(array $findings, array $remedies): self
    {
        return new self($this->order, $this->outcomes, $this->chosen, $this->days, $findings, $remedies, $this->sauceWaits, $this->turn);
    }

    /** The same, with the sauce done so many minutes before plating and all that follows for the day. */
    public function onDay(DayPlan $day, int $sauceWaits): self
    {
        return new self(
            $this->order, $this->outcomes, $this->chosen, [...$this->days, $this->chosen->choice->value => $day], $this->findings,
            $this->remedies, $sauceWaits, $this->turn,
        );
    }

    /**
     * With its day as these are placed: when the work before switching on begins, the first fork test is, and the leftovers are put away.
     *
     * @param list<Placed> $placed in order of time
     */
    public function asPlaced(array $placed): self
    {
        $day = $this->day();
        if (!$day instanceof DayPlan) {
            return $this;
        }
        $own = array_map(static fn (Chore $c): string => $c->id, $this->chosen->work->in(Stage::Before));
        $begun = array_filter(
            $placed, static fn (Placed $p): bool => \in_array($p->job->id, $own, true) && $p->from >= $day->switchOn->modify('midnight'),
        );
        $tests = array_filter($placed, static fn (Placed $p): bool => 'fork-test' === $p->job->id);
        $day = [] === $begun ? $day : $day->preparedFrom(reset($begun)->from);
        $day = [] === $tests ? $day : $day->testedAt(reset($tests)->from);
        $finish = array_map(static fn (Chore $c): string => $c->id, $this->chosen->work->fromThePot());
        $sauce = array_filter($placed, static fn (Placed $p): bool => \in_array($p->job->id, $finish, true));
        $day = [] === $sauce ? $day : $day->sauceAt(reset($sauce)->from);
        $chilled = array_values(array_filter($placed, static fn (Placed $p): bool => BraiseJobs::INTO_FRIDGE === $p->job->id));
        $day = [] === $chilled ? $day : $day->chilledAt($chilled[0]->from, $chilled[0]->job->minutes);

        $turn = array_values(array_unique(array_merge(...array_map(static fn (Placed $p): array => $p->job->acts, $placed))));

        return new self(
            $this->order, $this->outcomes, $this->chosen, [...$this->days, $this->chosen->choice->value => $day], $this->findings,
            $this->remedies, $this->sauceWaits, $turn,
        );
    }

    public function in(Kitchen $kitchen): self
    {
        return $this->ordered($this->order->cookedIn($kitchen));
    }

    /** For an order that changes nothing of what was worked out. */
    public function ordered(BraiseOrder $order): self
    {
        return new self(
            $order, $this->outcomes, $this->chosen, $this->days, $this->findings, $this->remedies,
            $this->sauceWaits, $this->turn,
        );
    }

    /** Run another way, where that works; the recipe's own changes are still those of the way it was chosen for. */
    public function run(ProgramChoice $choice): ?self
    {
        foreach ($this->outcomes as $outcome) {
            if ($choice === $outcome->choice && $this->works($outcome)) {
                return new self($this->order, $this->outcomes, $outcome, $this->days, $this->findings, $this->remedies);
            }
        }

        return null;
    }
}
