<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Interval;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Presence;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PresenceTest extends TestCase
{
    #[TestWith(['2026-11-26 07:00', '2026-11-26 08:00', true])]
    #[TestWith(['2026-11-26 06:00', '2026-11-26 07:00', false])]
    #[TestWith(['2026-11-26 08:00', '2026-11-26 08:15', false])]
    #[TestWith(['2026-11-26 08:00', '2026-11-26 08:10', true])]
    #[TestWith(['2026-11-26 17:20', '2026-11-26 18:00', true])]
    #[TestWith(['2026-11-26 22:30', '2026-11-26 23:30', false])]
    #[TestWith(['2026-11-27 02:00', '2026-11-27 02:05', false])]
    #[TestWith(['2026-11-25 22:00', '2026-11-27 07:00', false])]
    public function testFreeIsNeitherAwayNorAsleep(string $from, string $to, bool $free): void
    {
        self::assertSame($free, $this->presence()->isFree(self::at($from), self::at($to)));
    }

    #[TestWith(['2026-11-26 09:00', 30, '2026-11-26 17:20'])]
    #[TestWith(['2026-11-26 23:30', 30, '2026-11-27 06:30'])]
    #[TestWith(['2026-11-26 07:42', 15, '2026-11-26 07:45'])]
    #[TestWith(['2026-11-26 07:42', 40, '2026-11-26 17:20'])]
    public function testTheFirstFreeMomentIsOnAGridOfFiveMinutes(string $from, int $minutes, string $free): void
    {
        self::assertEquals(
            self::at($free), People::alone($this->presence())->firstFree(self::at($from), $minutes, self::at($from)->modify('+1 day')),
        );
    }

    public function testThereMayBeNone(): void
    {
        self::assertNull(People::alone($this->presence())->firstFree(self::at('2026-11-26 09:00'), 30, self::at('2026-11-26 16:00')));
    }

    public function testSomeSleepByDayAndSomeNever(): void
    {
        $nightShift = new Presence([], '08:00', '15:30');
        self::assertFalse($nightShift->isFree(self::at('2026-11-26 12:00'), self::at('2026-11-26 12:30')));
        self::assertTrue($nightShift->isFree(self::at('2026-11-26 03:00'), self::at('2026-11-26 03:30')));

        $never = new Presence([], '00:00', '00:00');
        self::assertTrue($never->isFree(self::at('2026-11-26 00:00'), self::at('2026-11-27 00:00')));
    }

    private function presence(): Presence
    {
        return new Presence([new Interval(self::at('2026-11-26 08:10'), self::at('2026-11-26 17:20'))], '23:00', '06:30');
    }

    private static function at(string $local): \DateTimeImmutable
    {
        return new \DateTimeImmutable($local, new \DateTimeZone('Europe/Vienna'));
    }
}
