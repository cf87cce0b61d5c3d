<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Day;

use Pausis\Core\Day\Habit;
use Pausis\Core\Day\Interval;
use Pausis\Core\Day\Presence;
use Pausis\Core\Day\Stay;
use Pausis\Core\Day\Whereabouts;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\TestCase;

final class PeopleTest extends TestCase
{
    public function testHabitsHoldUntilTheDaySaysOtherwise(): void
    {
        $weekdays = new Habit([1, 2, 3, 4, 5], '08:00', '17:00');
        $stays = [
            new Stay(Days::between('12:00', '13:00'), Whereabouts::Home),
            new Stay(Days::between('15:00', '16:00'), Whereabouts::Busy),
            new Stay(Days::between('15:30', '15:40'), Whereabouts::Home),
        ];
        $presence = Presence::usual([$weekdays], $stays, '23:00', '06:00', Days::at('18:00', '2026-11-25'), Days::at('19:00'));
        $free = static fn (string $from, string $to): bool => $presence->isFree(Days::at($from), Days::at($to));

        self::assertFalse($free('11:00', '12:00'));
        self::assertTrue($free('12:00', '13:00'));
        self::assertFalse($free('12:30', '13:30'));
        self::assertFalse($free('15:00', '15:30'));
        self::assertTrue($free('15:00', '15:10'));
        self::assertTrue($free('15:30', '15:40'));
        self::assertFalse($free('16:00', '16:10'));
        self::assertTrue($presence->isFree(Days::at('09:00', '2026-11-28'), Days::at('10:00', '2026-11-28')), 'Saturday');
    }

    public function testANightShiftReachesIntoTheNextDay(): void
    {
        $shift = Presence::usual(
            [new Habit([3], '22:00', '06:00')], [], '00:00', '00:00', Days::at('18:00', '2026-11-25'), Days::at('19:00'),
        );

        self::assertFalse($shift->isFree(Days::at('05:30'), Days::at('05:35')));
        self::assertTrue($shift->isFree(Days::at('06:00'), Days::at('22:30')));
    }

    public function testOneAfterTheOtherIsEnoughForALongTimeButNotForOneJob(): void
    {
        $people = Days::people(
            new Presence([Days::between('18:00', '19:00')], '00:00', '00:00'),
            new Presence([Days::between('17:00', '18:00')], '00:00', '00:00'),
        );

        self::assertTrue($people->isFree(Days::at('17:30'), Days::at('18:30')));
        self::assertNull($people->who(Days::at('17:30'), Days::at('18:30')));
        self::assertSame('Tamsin', $people->who(Days::at('17:30'), Days::at('18:00'))?->name);
        self::assertFalse(Days::people(Days::working(), Days::working())->isFree(Days::at('16:30'), Days::at('17:30')));
    }

    public function testStepsSayTheSameAsTheQuestionsForEveryMinuteOfTheDay(): void
    {
        $presence = new Presence([Days::between('08:10', '17:20')], '22:45', '06:15', [Days::between('17:00', '18:30')]);
        foreach ($presence->steps(Days::at('00:00'), 300, 288) as $k => $where) {
            $from = Days::at('00:00')->modify('+'.(5 * $k).' minutes');
            $to = $from->modify('+5 minutes');
            self::assertSame($presence->isAsleep($from, $to), null === $where, $from->format('H:i'));
            self::assertSame(
                $presence->isFree($from, $to), Whereabouts::Home === $where || Whereabouts::Busy === $where, $from->format('H:i'),
            );
            self::assertSame(
                $presence->isBusy($from, $to) && $presence->isFree($from, $to), Whereabouts::Busy === $where, $from->format('H:i'),
            );
        }
    }

    public function testWhatIsLeftOfATimeWithoutAnother(): void
    {
        $whole = Days::between('08:00', '12:00');
        $written = static fn (Interval $other): string => implode(
            ' ', array_map(static fn (Interval $i): string => $i->from->format('H:i').'-'.$i->to->format('H:i'), $whole->without($other)),
        );

        self::assertSame('08:00-09:00 10:00-12:00', $written(Days::between('09:00', '10:00')));
        self::assertSame('10:00-12:00', $written(Days::between('07:00', '10:00')));
        self::assertSame('', $written(Days::between('07:00', '13:00')));
        self::assertSame('08:00-12:00', $written(Days::between('12:00', '13:00')));
    }
}
