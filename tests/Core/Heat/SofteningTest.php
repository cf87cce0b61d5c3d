<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Heat;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Heat\Softening;
use Pausis\Core\Heat\Softness;
use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Quantity\Length;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SofteningTest extends TestCase
{
    #[TestWith(['carrot', 3.0, Softness::Soft])]
    #[TestWith(['celeriac', 6.0, Softness::Hard])]
    #[TestWith(['peas', 1.0, Softness::FallsApart])]
    #[TestWith(['green-beans', 1.0, Softness::FallsApart])]
    public function testEightHoursOnLow(string $food, float $centimetres, Softness $softness): void
    {
        self::assertSame($softness, self::of($food, $centimetres)->softness);
    }

    public function testThickerNeedsLongerByItsPower(): void
    {
        self::assertEqualsWithDelta(35.0, self::of('carrot', 2)->needMinutes, 1e-9);
        self::assertEqualsWithDelta(35.0 * 2 ** 1.2, self::of('carrot', 4)->needMinutes, 1e-9);
    }

    #[TestWith(['potato', 1.5])]
    #[TestWith(['carrot', 1.5])]
    #[TestWith(['dried-beans', 2.0])]
    #[TestWith(['mushroom', 1.0])]
    public function testPectinMindsSourLiquid(string $food, float $times): void
    {
        self::assertEqualsWithDelta($times, self::of($food, 3, true)->needMinutes / self::of($food, 3)->needMinutes, 1e-9);
    }

    public function testWhatFallsApartIsAddedLateAndIsThenSoft(): void
    {
        $course = self::course();
        $peas = self::of('green-beans', 2);

        self::assertNotNull($peas->addAtHour);
        $given = Softening::minutes($course, $peas->addAtHour, 8.0);
        self::assertGreaterThanOrEqual(1.5 * $peas->needMinutes, $given);
        self::assertLessThan(4 * $peas->needMinutes, $given);
    }

    public function testWhatCanBeSavedByItsSizeIs(): void
    {
        $squash = self::of('squash', 1.0);

        self::assertSame(Softness::FallsApart, $squash->softness);
        self::assertNotNull($squash->cutTo);
        self::assertSame(Softness::Soft, self::of('squash', $squash->cutTo->inCentimetres())->softness);
        self::assertNull(self::of('peas', 1.0)->cutTo);
    }

    public function testMinutesAddUp(): void
    {
        $course = self::course();

        self::assertEqualsWithDelta(
            Softening::minutes($course, 0, 8), Softening::minutes($course, 0, 3.21) + Softening::minutes($course, 3.21, 8), 1e-6,
        );
        self::assertSame(0.0, Softening::minutes($course, 5, 5));
    }

    public function testAFoodWithoutANeedIsABug(): void
    {
        $this->expectException(\LogicException::class);
        self::of('salt', 1);
    }

    private static function of(string $food, float $centimetres, bool $sour = false): Softening
    {
        return Softening::of(self::food($food), Length::centimetres($centimetres), $sour, self::course(), 8.0);
    }

    private static function food(string $id): Food
    {
        return Larder::load()->find($id) ?? throw new \RuntimeException("No $id.");
    }

    private static function course(): Course
    {
        return (new Simulation())->run(Cooks::chuck(program: Cooks::on(Setting::Low)), new Deviation(), 10, traced: true);
    }
}
