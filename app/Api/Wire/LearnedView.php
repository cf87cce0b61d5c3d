<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What a house has learned, and how what it was told has held. */
final readonly class LearnedView
{
    /**
     * @param string             $from     of how many cooks, in words
     * @param list<LearnedThing> $cookers
     * @param list<LearnedThing> $cuts
     * @param list<LearnedThing> $house
     * @param list<HonestyView>  $windows
     * @param list<TickView>     $ticks    of the windows' picture, hours beside the likely time
     * @param string             $honesty  how many windows held, in a sentence
     * @param string             $narrowed by how much they have narrowed
     * @param string             $next     what would narrow them most next, or that nothing would; empty where nothing is planned
     */
    public function __construct(
        public string $from,
        public array $cookers,
        public array $cuts,
        public array $house,
        public array $windows,
        public array $ticks,
        public string $honesty,
        public string $narrowed,
        public string $next,
    ) {
    }
}
