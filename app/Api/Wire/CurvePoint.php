<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The best guess of one moment: hour after switching on, °C of the liquid and of the core. */
final readonly class CurvePoint
{
    public function __construct(
        public float $hour,
        public float $pot,
        public float $core,
    ) {
    }
}
