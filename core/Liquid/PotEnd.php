<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

/** The state in which a pot ends, as far as the liquid in it depends on it. */
final readonly class PotEnd
{
    public function __construct(public float $celsius, public float $hoursAbove90, public float $evaporatedGrams)
    {
    }
}
