<?php

declare(strict_types=1);

namespace Pausis\App\StandIn;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/** The machine's clock, or one that stands still at a given moment or at that of a file, for tests, pictures and walks through a day. */
final class KitchenClock
{
    private const IN_FILE = 'file:';

    public static function create(string $standsAt): ClockInterface
    {
        return match (true) {
            '' === $standsAt => new NativeClock('UTC'),
            str_starts_with($standsAt, self::IN_FILE) => new ClockInFile(substr($standsAt, \strlen(self::IN_FILE))),
            default => new MockClock(new \DateTimeImmutable($standsAt), 'UTC'),
        };
    }
}
