<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Room;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\WaterTest;
use Pausis\Core\Learning\WaterTestVerdict;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WaterTestTest extends TestCase
{
    #[TestWith([0.8])]
    #[TestWith([0.95])]
    #[TestWith([1.0])]
    #[TestWith([1.2])]
    public function testItFindsTheHeatFactorOfASimulatedCooker(float $factor): void
    {
        $result = self::fitted(self::simulated($factor, 1.0, [2.0, 4.0, 6.0]));

        self::assertEqualsWithDelta($factor, $result->heatFactor, 0.02);
        self::assertNull($result->lossFactor);
        self::assertLessThan(0.6, $result->error);
    }

    public function testFourReadingsTellTheLossToo(): void
    {
        $result = self::fitted(self::simulated(1.1, 1.15, [1.0, 2.0, 3.5, 5.0, 7.0, 9.0]));

        self::assertEqualsWithDelta(1.1, $result->heatFactor, 0.03);
        self::assertEqualsWithDelta(1.15, (float) $result->lossFactor, 0.05);
    }

    public function testOneReadingIsEnoughForTheHeat(): void
    {
        self::assertEqualsWithDelta(0.9, self::fitted(self::simulated(0.9, 1.0, [3.0]))->heatFactor, 0.03);
    }

    #[TestWith([1.0, WaterTestVerdict::Fit])]
    #[TestWith([0.72, WaterTestVerdict::TooWeak])]
    #[TestWith([0.45, WaterTestVerdict::Unsafe])]
    public function testTheVerdict(float $factor, WaterTestVerdict $verdict): void
    {
        self::assertSame($verdict, self::fitted(self::simulated($factor, 1.0, [3.0, 6.0]))->verdict);
    }

    public function testTheFittedCurveRisesThroughTheReadings(): void
    {
        $readings = self::simulated(1.05, 1.0, [2.0, 5.0]);
        $curve = self::fitted($readings)->curve;

        self::assertSame(0.0, $curve[0][0]);
        self::assertEqualsWithDelta($readings[0][1], $curve[8][1], 0.6);
        foreach (\array_slice($curve, 1) as $k => [, $celsius]) {
            self::assertGreaterThan($curve[$k][1], $celsius);
        }
    }

    public function testContradictoryReadingsAreFittedWithALargeError(): void
    {
        self::assertGreaterThan(8.0, self::fitted([[1.0, 80.0], [2.0, 40.0], [3.0, 85.0]])->error);
    }

    public function testEveryProblemIsToldWithItsPlace(): void
    {
        $problems = new Problems();
        self::assertNull(WaterTest::tryFrom(self::cooker(), 30, 120, 99, 0, [[0.0, 50.0], [3.0, -40.0]], $problems));
        self::assertSame(
            ['water.kg', 'water.kg', 'water.temperature', 'room.temperature', 'readings.0.atHour', 'readings.1.temperature'],
            array_map(static fn (Problem $p): string => $p->path, $problems->all()),
        );
        $none = new Problems();
        self::assertNull(WaterTest::tryFrom(self::cooker(), 3, 15, 20, 0, [], $none));
        self::assertSame(['missing'], array_map(static fn (Problem $p): string => $p->code, $none->all()));
    }

    /**
     * Water alone, by the cooking simulation: the joint is too small to matter.
     *
     * @param list<float> $hours
     *
     * @return list<array{float, float}>
     */
    private static function simulated(float $heat, float $loss, array $hours): array
    {
        $setup = new Setup(
            self::cooker(), new Room(Temperature::celsius(21)), Temperature::celsius(21),
            Cooks::joint('beef-chuck', 0.05, startCelsius: 16),
            [new Content(Mass::kilograms(2.8), 4180, Temperature::celsius(16))], Cooks::on(Setting::Low));
        $course = (new Simulation())->run(
            $setup, new Deviation($heat, $loss), 12, watched: array_map(static fn (float $h): float => $h * 3600, $hours),
        );

        return array_map(static fn (float $hour, $sample): array => [$hour, $sample->potCelsius], $hours, $course->seen);
    }

    /** @param list<array{float, float}> $readings */
    private static function fitted(array $readings): \Pausis\Core\Learning\WaterTestResult
    {
        $problems = new Problems();
        $test = WaterTest::tryFrom(self::cooker(), 2.8, 16, 21, 0, $readings, $problems);
        self::assertSame([], $problems->all());
        self::assertNotNull($test);

        return $test->fit();
    }

    private static function cooker(): Cooker
    {
        return new Cooker(Volume::litres(5.7), Shape::Oval, Power::watts(241.5));
    }
}
