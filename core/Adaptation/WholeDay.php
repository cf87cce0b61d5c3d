<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\OtherPot;
use Pausis\Core\Day\Placed;
use Pausis\Core\Day\Side;

/** The braise and its sides in one kitchen, or what stands in the way. */
final readonly class WholeDay
{
    /**
     * @param AdaptedBraise         $braise   with the day as it is planned here
     * @param list<Placed>          $placed   in order of time
     * @param bool                  $optimal  whether the jobs wait as little as they can, or only as little as was found
     * @param list<string>          $wishes   codes of the smallest set of wishes that can't all be had; empty where all can
     * @param list<WayOut>          $ways     each checked by planning it
     * @param list<Caught>          $caught   what would have to be done while nobody is there
     * @param array<string, string> $refused  times set by the cook that can't be kept, by job: nobody, hands, stove, too-early, too-late, together
     * @param list<OtherPot>        $others   braises of the same day
     * @param list<Side>            $sides    that were wished for
     * @param list<Placed>          $heldBack what isn't begun before late guests are there
     */
    public function __construct(public AdaptedBraise $braise, public array $placed, public bool $optimal, public array $wishes, public array $ways, public array $caught, public array $refused, public array $others = [], public array $sides = [], public array $heldBack = [])
    {
    }
}
