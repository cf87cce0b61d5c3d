<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Cooker\Setting;

/** How one member of the ensemble departs from the best guess: factors around 1, kelvins and shares around 0. */
final readonly class Deviation
{
    /**
     * @param float $low        factor on the heat of Low beside High's
     * @param float $conduction factor on the meat's conductivity
     * @param float $zone       share of what the pot is warmer than the room by which it is cooler where the meat lies
     */
    public function __construct(
        public float $heat = 1.0,
        public float $loss = 1.0,
        public float $need = 1.0,
        public float $thickness = 1.0,
        public float $startKelvin = 0.0,
        public float $low = 1.0,
        public float $conduction = 1.0,
        public float $zone = 0.0,
    ) {
    }

    /** Factor on the heat of a setting. */
    public function heatOn(Setting $setting): float
    {
        return $this->heat * $setting->lowsShare($this->low);
    }
}
