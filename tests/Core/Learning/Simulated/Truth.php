<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

/** What one pot and one piece of meat are really like. */
final readonly class Truth
{
    /**
     * @param float $heat     reaching the insert, beside what the label says
     * @param float $loss     to the room, beside what is expected
     * @param float $low      Low's heat beside High's
     * @param float $need     beside the cut's
     * @param float $thick    beside what the form says
     * @param float $start    K by which all is warmer at the start
     * @param float $conducts the meat's conductivity beside what is usual
     * @param float $cool     K by which it is cooler where the meat lies, in a pot at 95 °C
     * @param float $decade   K for ten times the rate
     */
    public function __construct(
        public float $heat = 1.0, public float $loss = 1.0, public float $low = 0.68, public float $need = 1.0, public float $thick = 1.0,
        public float $start = 0.0, public float $conducts = 1.0, public float $cool = 0.0, public float $decade = 28.0,
    ) {
    }
}
