<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Wording;

use Pausis\App\Store\HouseRecord;
use Pausis\App\Wording\Measures;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MeasuresTest extends TestCase
{
    #[TestWith([4.23, '4.2 g', '4.2 g'])]
    #[TestWith([250.0, '250 g', '9 oz'])]
    #[TestWith([1300.0, '1.3 kg', '2 lb 14 oz'])]
    #[TestWith([2721.6, '2.72 kg', '6 lb'])]
    public function testMasses(float $grams, string $metric, string $us): void
    {
        self::assertSame([$metric, $us], [self::metric()->mass($grams), self::us()->mass($grams)]);
    }

    #[TestWith([30.0, '30 mL', '2 tbsp'])]
    #[TestWith([59.0, '60 mL', '¼ cup'])]
    #[TestWith([473.0, '475 mL', '2 cups'])]
    #[TestWith([1530.0, '1.53 L', '6½ cups'])]
    public function testVolumes(float $millilitres, string $metric, string $us): void
    {
        self::assertSame([$metric, $us], [self::metric()->volume($millilitres), self::us()->volume($millilitres)]);
    }

    #[TestWith([5.0, '5 °C', '41 °F'])]
    #[TestWith([97.9, '98 °C', '208 °F'])]
    public function testTemperatures(float $celsius, string $metric, string $us): void
    {
        self::assertSame([$metric, $us], [self::metric()->temperature($celsius), self::us()->temperature($celsius)]);
    }

    #[TestWith([0.4, '24 min'])]
    #[TestWith([0.999, '1 h'])]
    #[TestWith([2.0, '2 h'])]
    #[TestWith([8.27, '8 h 15'])]
    #[TestWith([10.99, '11 h'])]
    #[TestWith([1.08, '1 h 05'])]
    public function testHoursAsCooksSayThem(float $hours, string $said): void
    {
        self::assertSame($said, self::metric()->hours($hours));
    }

    public function testSpansWithOpenEnds(): void
    {
        self::assertSame('6 h 30 to 11 h', self::metric()->span(6.5, 11.02));
        self::assertSame('from 6 h 30', self::metric()->span(6.5, null));
        self::assertSame('longer than was looked at', self::metric()->span(null, null));
    }

    public function testTheClockNamesTheDayOnlyWhereItIsAnother(): void
    {
        $dinner = new \DateTimeImmutable('2026-11-26T18:00:00Z');

        self::assertSame('19:00', self::metric()->clock($dinner, $dinner));
        self::assertSame('7:00 pm', self::us()->clock($dinner, $dinner));
        self::assertSame('Wed 23:45', self::metric()->clock(new \DateTimeImmutable('2026-11-25T22:45:00Z'), $dinner));
        // Late in the evening in UTC it is already the next day in the house.
        self::assertSame('00:30', self::metric()->clock(new \DateTimeImmutable('2026-11-25T23:30:00Z'), $dinner));
    }

    #[TestWith(['isMl', 500.0, '500 mL'])]
    #[TestWith(['leanGrams', 900.0, '900 g'])]
    #[TestWith(['kg', 1.3, '1.3 kg'])]
    #[TestWith(['earliestHours', 6.5, '6 h 30'])]
    #[TestWith(['holdMinutes', 90.0, '1 h 30'])]
    #[TestWith(['celsius', 74.0, '74 °C'])]
    #[TestWith(['panCm', 28.0, '28 cm'])]
    #[TestWith(['sharePercent', 33.754, '34 %'])]
    #[TestWith(['percentAfter', 0.614, 0.61])]
    #[TestWith(['pieces', 4.0, 4])]
    #[TestWith(['food', 'carrots', 'carrots'])]
    #[TestWith(['spoons', 1.43, '1½'])]
    public function testVariablesAreSaidByWhatTheirNameEndsIn(string $name, float|string $value, string|float|int $said): void
    {
        self::assertSame($said, self::metric()->variable($name, $value));
    }

    private static function metric(): Measures
    {
        return new Measures(new HouseRecord());
    }

    private static function us(): Measures
    {
        $house = new HouseRecord();
        $house->units = 'us';
        $house->clock = '12';

        return new Measures($house);
    }
}
