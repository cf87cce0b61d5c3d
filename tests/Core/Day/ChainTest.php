<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Chain;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\People;
use Pausis\Core\Day\Presence;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

final class ChainTest extends TestCase
{
    private const DINNER = [
        ['minutes' => 5, 'hands' => true, 'waits' => 10], ['minutes' => 30, 'hands' => false, 'waits' => 10],
        ['minutes' => 5, 'hands' => true, 'waits' => 0],
    ];

    public function testOnePieceEndsWhereTheNextBegins(): void
    {
        self::assertSame('18:20', $this->begin([]));
        self::assertSame(40, (new Chain(self::DINNER))->minutes());
    }

    public function testMinutesWithoutHandsNeedNobody(): void
    {
        self::assertSame('18:20', $this->begin([['18:26', '18:54']]), 'out while it simmers');
    }

    public function testAPieceIsDoneSoonerWhereNobodyIsThereAndItMayWait(): void
    {
        self::assertSame('18:15', $this->begin([['18:20', '18:30']]));
        self::assertNull($this->begin([['17:50', '18:30']]), 'longer than it may wait');
        self::assertNull($this->begin([['18:56', '19:00']]), 'nobody plates');
    }

    public function testBusyIsNotAway(): void
    {
        $busy = new Presence([], '23:00', '05:00', [new Interval(Days::at('18:42'), Days::at('18:44'))]);
        $quick = new Chain([['minutes' => 5, 'hands' => true, 'waits' => 0], ['minutes' => 5, 'hands' => true, 'waits' => 0]]);

        self::assertSame(
            '18:35', $quick->latestBegin(People::alone($busy), Days::at('18:45'))?->format('H:i'), 'a quick piece is done all the same',
        );
        self::assertSame(
            '18:27',
            (new Chain([['minutes' => 15, 'hands' => true, 'waits' => 10], ['minutes' => 5, 'hands' => true, 'waits' => 0]]))
                ->latestBegin(People::alone($busy), Days::at('18:50'))?->format('H:i'),
            'a long one before it',
        );
    }

    /** @param list<array{string, string}> $away */
    private function begin(array $away): ?string
    {
        $presence = new Presence(
            array_map(static fn (array $a): Interval => new Interval(Days::at($a[0]), Days::at($a[1])), $away), '23:00', '05:00',
        );

        return (new Chain(self::DINNER))->latestBegin(People::alone($presence), Days::at('19:00'))?->format('H:i');
    }
}
