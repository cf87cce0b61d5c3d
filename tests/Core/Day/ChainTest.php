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

    /** The recursion that PHP's JIT ran past its bound after some forty calls, as it comes: with ours it waits no longer than it may. */
    public function testItIsTheSameHoweverOftenItIsAsked(): void
    {
        mt_srand(20261201);
        for ($case = 0; $case < 300; ++$case) {
            $links = [];
            for ($k = mt_rand(2, 5); $k > 0; --$k) {
                $links[] = ['minutes' => mt_rand(2, 20), 'hands' => 0 !== mt_rand(0, 2), 'waits' => mt_rand(0, 15)];
            }
            $from = mt_rand(0, 70);
            $away = new Interval(Days::at('18:00')->modify("+$from minutes"), Days::at('18:00')->modify('+'.($from + mt_rand(1,
                25)).' minutes'));
            $begin = (new Chain($links))->latestBegin(People::alone(new Presence([$away], '23:00', '05:00')), Days::at('19:30'));

            self::assertSame(self::searched($links, $away), $begin?->getTimestamp(), "case $case");
        }
    }

    /**
     * The same without recursion: all times at which what is left could begin, piece by piece from the end.
     *
     * @param list<array{minutes: int, hands: bool, waits: int}> $links
     */
    private static function searched(array $links, Interval $away): ?int
    {
        $starts = [Days::at('19:30')->getTimestamp() => true];
        foreach (array_reverse($links) as $n => $link) {
            $sooner = [];
            foreach (array_keys($starts) as $until) {
                for ($wait = 0; $wait <= (0 === $n ? 0 : $link['waits']); ++$wait) {
                    $end = $until - 60 * $wait;
                    $from = $end - 60 * $link['minutes'];
                    $there = $end <= $away->from->getTimestamp() || $from >= $away->to->getTimestamp();
                    if (!$link['hands'] || $there) {
                        $sooner[$from] = true;
                    }
                }
            }
            $starts = $sooner;
        }

        return [] === $starts ? null : max(array_keys($starts));
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
