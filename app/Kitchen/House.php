<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\App\Store\Households;
use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use Pausis\Core\Heat\Room;
use Pausis\Core\Quantity\Temperature;
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

    public function room(): Room
    {
        return new Room(Temperature::celsius($this->record()->roomCelsius), $this->record()->altitudeMetres);
    }

    /** Now, on the house's clock. */
    public function now(): \DateTimeImmutable
    {
        return $this->clock->now()->setTimezone($this->record()->zone());
    }
}
