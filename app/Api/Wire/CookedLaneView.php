<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cook on one clock: the window that was given, and between which looks it fell. Hours after switching on. */
final readonly class CookedLaneView
{
    /**
     * @param float|null $latest null where the window had no end
     * @param float|null $after  of the last look that found it not ready
     * @param float|null $by     of the first that found it ready
     * @param float|null $serve  of the dinner as planned
     * @param float|null $eaten  when it was plated
     * @param float      $until  the last of all these
     */
    public function __construct(
        public ?float $earliest,
        public ?float $likely,
        public ?float $latest,
        public ?float $after,
        public ?float $by,
        public ?float $serve,
        public ?float $eaten,
        public float $until,
    ) {
    }
}
