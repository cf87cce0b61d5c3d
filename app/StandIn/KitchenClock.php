<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** The machine's clock, or one that stands still at a given moment, for tests and pictures. */
final class KitchenClock
{
    public static function create(string $standsAt): ClockInterface
    {
        return '' === $standsAt ? new NativeClock('UTC') : new MockClock(new \DateTimeImmutable($standsAt), 'UTC');
    }
}
