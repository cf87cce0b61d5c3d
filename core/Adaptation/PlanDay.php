<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Adaptation\Schedule\Companion;
use Pausis\Core\Adaptation\Schedule\Planner;
use Pausis\Core\Adaptation\Schedule\WholeDay;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Side;

/** An adapted braise in one kitchen: its own work and its sides, beside other braises. */
final readonly class PlanDay
{
    private Planner $planner;

    public function __construct(AdaptBraise $adapt = new AdaptBraise())
    {
        $this->planner = new Planner($adapt);
    }

    /**
     * Null where the braise itself has no plan.
     *
     * @param list<Side>                         $sides
     * @param array<string, \DateTimeImmutable>  $pins       when some of the jobs are to begin, by id
     * @param list<OtherPot>                     $others     braises that the kitchen cooks besides
     * @param (\Closure(): list<Companion>)|null $companions those of them whose work may be placed anew, asked for where it must be
     */
    public function plan(AdaptedBraise $braise, array $sides, array $pins = [], array $others = [], ?\Closure $companions = null): ?WholeDay
    {
        return $this->planner->plan($braise, $sides, $pins, $others, $companions ?? static fn (): array => []);
    }
}
