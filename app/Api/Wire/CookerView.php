<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A cooker: as typed, and what follows. */
final readonly class CookerView
{
    /**
     * @param string              $halfFull  the water of a water test, to half the brim
     * @param float               $length    and width and depth inside, cm
     * @param bool                $changed   whether its last cooks don't fit what was known of it
     * @param WaterTestDraft|null $waterTest that is under way
     */
    public function __construct(
        public string $id,
        public CookerDraft $draft,
        public string $summary,
        public string $inside,
        public string $halfFull,
        public float $length,
        public float $width,
        public float $depth,
        public float $heatFactor,
        public bool $changed,
        public ?WaterTestDraft $waterTest,
    ) {
    }
}
