<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\Households;
use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use Psr\Clock\ClockInterface;

/** The house's settings, units and time for one request. */
final readonly class House
{
    public function __construct(private Households $households, private ClockInterface $clock)
    {
    }

    public function record(): HouseRecord
    {
        return $this->households->get();
    }

    public function measures(): Measures
    {
        return new Measures($this->record());
    }

    /** Now, on the house's clock. */
    public function now(): \DateTimeImmutable
    {
        return $this->clock->now()->setTimezone($this->record()->zone());
    }
}
