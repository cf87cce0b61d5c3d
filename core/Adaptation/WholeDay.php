<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Day\Placed;

/** The braise and its sides in one kitchen, or what stands in the way. */
final readonly class WholeDay
{
    /**
     * @param list<Placed>                                                      $placed  in order of time
     * @param bool                                                              $optimal whether the sides wait as little as they can, or only as little as was found
     * @param list<string>                                                      $wishes  codes of the smallest set of wishes that can't all be had; empty where all can
     * @param list<WayOut>                                                      $ways    each checked by planning it
     * @param list<array{food: string, at: \DateTimeImmutable, minutes: float}> $caught  what would have to be done while nobody is there
     */
    public function __construct(public array $placed, public bool $optimal, public array $wishes, public array $ways, public array $caught)
    {
    }
}
