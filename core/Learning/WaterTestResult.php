<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

final readonly class WaterTestResult
{
    /**
     * @param float|null                $lossFactor on UA; null where there were too few readings to tell
     * @param float                     $error      root mean square of what is left unexplained, K
     * @param list<array{float, float}> $curve      hour and °C on Low, as fitted
     */
    public function __construct(
        public float $heatFactor,
        public ?float $lossFactor,
        public float $error,
        public WaterTestVerdict $verdict,
        public array $curve,
    ) {
    }
}
