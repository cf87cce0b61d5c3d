<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Internal\BraiseJobs;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Placed;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Safety\Finding;

/** The answer to an order. */
final readonly class AdaptedBraise
{
    /**
     * @param list<SettingOutcome> $outcomes in the order Low, Medium where the cooker has it, High, and High then Low where Low is refused
     * @param SettingOutcome       $chosen   the cook's choice, or the best
     * @param list<LedgerEntry>    $ledger
     * @param list<Finding>        $findings the most serious first
     * @param list<AdaptedStep>    $method
     * @param list<LevelCost>      $levels   every school's
     * @param list<WayOut>         $ways     out of a day that can't be, each planned
     */
    public function __construct(
        public BraiseOrder $order,
        public array $outcomes,
        public SettingOutcome $chosen,
        public Slurry $slurry,
        public array $ledger,
        public array $findings,
        public array $method,
        public array $levels,
        public array $ways = [],
    ) {
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

    /** The same, with the sauce done so many minutes before plating and all that follows for the day. */
    public function onDay(DayPlan $day, int $sauceWaits): self
    {
        $terms = $this->chosen->finish->terms;
        $plate = array_pop($terms);
        $waiting = array_filter([...$terms, $sauceWaits > 0 ? new Term('sauce-waits', (float) $sauceWaits) : null, $plate]);

        return $this->choosing($this->chosen->on($day, new Sum($this->chosen->finish->code, $this->chosen->finish->unit, array_values($waiting))));
    }

    /**
     * With its day as these are placed: when the work before switching on begins, and the first fork test is.
     *
     * @param list<Placed> $placed in order of time
     */
    public function asPlaced(array $placed): self
    {
        $day = $this->chosen->day;
        if (!$day instanceof DayPlan) {
            return $this;
        }
        $codes = array_map(static fn (Term $t): string => $t->code, $this->chosen->before->terms);
        $begun = array_filter($placed, static fn (Placed $p): bool => \in_array($p->job->id, $codes, true) && $p->from >= $day->switchOn->modify('midnight'));
        $tests = array_filter($placed, static fn (Placed $p): bool => BraiseJobs::FORK_TEST === $p->job->id);
        $day = [] === $begun ? $day : $day->preparedFrom(reset($begun)->from);
        $day = [] === $tests ? $day : $day->testedAt(reset($tests)->from);

        return $this->choosing($this->chosen->on($day, $this->chosen->finish));
    }

    public function in(Kitchen $kitchen): self
    {
        return new self($this->order->cookedIn($kitchen), $this->outcomes, $this->chosen, $this->slurry, $this->ledger, $this->findings, $this->method, $this->levels, $this->ways);
    }

    /** Run another way, where that works; the recipe's own changes are still those of the way it was chosen for. */
    public function run(ProgramChoice $choice): ?self
    {
        foreach ($this->outcomes as $outcome) {
            if ($choice === $outcome->choice && $outcome->works()) {
                return new self($this->order, $this->outcomes, $outcome, $this->slurry, $this->ledger, $this->findings, $this->method, $this->levels, $this->ways);
            }
        }

        return null;
    }

    private function choosing(SettingOutcome $chosen): self
    {
        $outcomes = array_map(fn (SettingOutcome $o): SettingOutcome => $o === $this->chosen ? $chosen : $o, $this->outcomes);

        return new self($this->order, $outcomes, $chosen, $this->slurry, $this->ledger, $this->findings, $this->method, $this->levels, $this->ways);
    }
}
