<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What a water test says of a cooker. */
final readonly class WaterTestView
{
    /**
     * @param list<CurvePoint>     $curve    as fitted, in pot; core is not used
     * @param list<CurvePoint>     $readings as noted
     * @param list<WaterLimitView> $limits
     */
    public function __construct(
        public float $heatFactor,
        public string $text,
        public string $verdict,
        public string $verdictText,
        public array $curve,
        public array $readings,
        public array $limits,
        public bool $kept,
    ) {
    }
}
