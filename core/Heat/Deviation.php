<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

/** How one member of the ensemble departs from the best guess: factors around 1, and kelvins around 0. */
final readonly class Deviation
{
    public function __construct(
        public float $heat = 1.0,
        public float $loss = 1.0,
        public float $need = 1.0,
        public float $thickness = 1.0,
        public float $startKelvin = 0.0,
    ) {
    }
}
