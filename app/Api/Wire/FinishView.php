<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The sauce of a pot that is being finished: how much there is, how thick it is wanted, and the ways there. */
final readonly class FinishView
{
    /**
     * @param string              $left     in the pot, as the house measures
     * @param string              $note     how high that stands, and what was thought
     * @param float               $level    that height as a share of the insert's depth
     * @param float               $depth    of the insert, m
     * @param bool                $lifted   whether the meat is out
     * @param string              $is       how thick it is by what is in it
     * @param list<FinishWayView> $ways
     * @param string              $salt     at the end, in words; empty where none is missing
     * @param list<LaneView>      $lanes    the evening as it is now, to the plate
     * @param string              $from     of the lanes, ISO 8601
     * @param list<TroubleView>   $troubles
     * @param list<Choice>        $spoons   from thin to thick
     */
    public function __construct(
        public string $left,
        public string $note,
        public float $level,
        public float $depth,
        public bool $lifted,
        public string $is,
        public string $thickness,
        public string $thickener,
        public array $ways,
        public string $salt,
        public array $lanes,
        public string $from,
        public string $now,
        public string $serve,
        public string $serveText,
        public array $troubles,
        public array $spoons,
    ) {
    }
}
