<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;

/** The braise and its sides in one kitchen: one placed list, of which everything that is shown is a view. */
final readonly class WholeDay
{
    /**
     * @param AdaptedBraise         $braise   with the day as it is planned here
     * @param list<Placed>          $placed   in order of time
     * @param bool                  $possible or only the braise by itself is placed
     * @param bool                  $optimal  whether the jobs wait as little as they can, or only as little as was found
     * @param list<Caught>          $caught   what would have to be done while nobody is there
     * @param array<string, string> $refused  times set by the cook that can't be kept, by job: nobody, hands, stove, too-early, too-late,
     *                                        together
     * @param list<OtherPot>        $others   braises of the same day
     * @param list<Side>            $sides    that were wished for
     * @param list<Placed>          $heldBack what isn't begun before late guests are there
     * @param bool                  $waits    whether that can be done then
     * @param array<string, self>   $moved    other braises whose work is placed anew with this, by id
     */
    public function __construct(
        public AdaptedBraise $braise, public array $placed, public bool $possible, public bool $optimal, public array $caught,
        public array $refused, public array $others = [], public array $sides = [], public array $heldBack = [],
        public bool $waits = true, public array $moved = [],
    ) {
    }

    /**
     * With jobs that were done before it was planned from then on.
     *
     * @param list<Placed> $before
     * @param list<Side>   $sides  whole
     */
    public function with(array $before, array $sides): self
    {
        $ids = array_map(static fn (Placed $p): string => $p->job->id, $this->placed);
        $placed = [
            ...array_filter($before, static fn (Placed $p): bool => !\in_array($p->job->id, $ids, true)), ...$this->placed,
        ];
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->from, $a->job->id] <=> [$b->from, $b->job->id]);

        return new self(
            $this->braise, $placed, $this->possible, $this->optimal, $this->caught, $this->refused, $this->others, $sides, $this->heldBack,
            $this->waits, $this->moved,
        );
    }

    /** To be tried otherwise, without the times that the cook has set; null where the braise has no day of its own. */
    public function asCase(): ?DayCase
    {
        $day = $this->braise->day();

        return $day instanceof DayPlan
            ? new DayCase(
                $this->braise, $day, $this->sides, [],
                array_merge(...array_map(static fn (OtherPot $o): array => $o->placed, $this->others)),
            )
            : null;
    }
}
