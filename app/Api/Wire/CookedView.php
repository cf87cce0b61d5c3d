<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One cook in a line: of what, in what, how its window held, how it was liked. */
final readonly class CookedView
{
    /**
     * @param string         $what  cut, cooker, setting
     * @param string         $held  Held; empty where no window was given
     * @param string         $said  how it went, in a sentence
     * @param int            $stars of the meat and the sauce together, one to five; 0 where nothing is said
     * @param CookedLaneView $lane  planned and happened, drawn
     */
    public function __construct(
        public string $id,
        public string $braiseId,
        public string $title,
        public string $date,
        public string $what,
        public string $held,
        public string $said,
        public int $stars,
        public string $note,
        public bool $leftOut,
        public CookedLaneView $lane,
    ) {
    }
}
