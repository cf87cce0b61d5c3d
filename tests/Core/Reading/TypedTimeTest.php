<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\TypedTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedTimeTest extends TestCase
{
    #[TestWith(['19:00', '19:00'])]
    #[TestWith(['07:30', '07:30'])]
    #[TestWith(['1930', '19:30'])]
    #[TestWith(['7 pm', '19:00'])]
    #[TestWith(['7.30 p.m.', '19:30'])]
    #[TestWith(['12 am', '00:00'])]
    #[TestWith(['12 pm', '12:00'])]
    #[TestWith(['seven', '19:00'])]
    #[TestWith(['7:15', '19:15'])]
    #[TestWith(['quarter past seven', '19:15'])]
    #[TestWith(['a quarter to eight', '19:45'])]
    #[TestWith(['half past six', '18:30'])]
    #[TestWith(['half six', '18:30'])]
    #[TestWith(['ten to seven in the morning', '06:50'])]
    #[TestWith(['twenty-five past 7', '19:25'])]
    #[TestWith(['about 8 o’clock', '20:00'])]
    #[TestWith(['noon', '12:00'])]
    #[TestWith(['midnight', '00:00'])]
    #[TestWith(['18h', '18:00'])]
    #[TestWith(['24:00', '00:00'])]
    public function testADinnerTime(string $typed, string $time): void
    {
        self::assertSame($time, TypedTime::of($typed, true));
    }

    #[TestWith(['seven', '07:00'])]
    #[TestWith(['8:10', '08:10'])]
    #[TestWith(['8', '08:00'])]
    #[TestWith(['half past six', '06:30'])]
    #[TestWith(['5 pm', '17:00'])]
    public function testAMorningTime(string $typed, string $time): void
    {
        self::assertSame($time, TypedTime::of($typed, false));
    }

    #[TestWith([''])]
    #[TestWith(['later'])]
    #[TestWith(['25:00'])]
    #[TestWith(['7:75'])]
    #[TestWith(['24:30'])]
    #[TestWith(['13 pm'])]
    #[TestWith(['0 to seven'])]
    #[TestWith(['seventy past two'])]
    public function testWhatIsNoTimeIsNull(string $typed): void
    {
        self::assertNull(TypedTime::of($typed, true));
    }
}
