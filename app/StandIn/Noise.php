<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that is the same every time, of a seed. */
final readonly class Noise
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** One of so many, from 0. */
    public function oneOf(int $many): int
    {
        return $this->random->getInt(0, $many - 1);
    }

    /** From 0 to less than 1. */
    public function uniform(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    /** Of mean 0 and variance 1 (Box and Muller). */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * \M_PI * $this->uniform());
    }
}
