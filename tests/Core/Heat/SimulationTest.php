<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Heat;

use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Heat\Content;
use Pausis\Core\Heat\Course;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\LateAddition;
use Pausis\Core\Heat\PowerCut;
use Pausis\Core\Heat\Setup;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SimulationTest extends TestCase
{
    private const THREE_MINUTES = 0.05;

    /** @return iterable<string, array{Setup, list<float>}> cooking-model reference cases: pot 60, core 60, slices, fork, pulls, past */
    public static function referenceCases(): iterable
    {
        $high = Cooks::on(Setting::High);
        yield '1.3 kg low' => [Cooks::chuck(), [1.52, 2.53, 7.54, 8.22, 9.33, 13.01]];
        yield '1.3 kg high' => [Cooks::chuck(program: $high), [0.83, 1.79, 4.51, 4.85, 5.43, 7.42]];
        yield '2.0 kg low' => [Cooks::chuck(2.0), [1.83, 3.18, 8.74, 9.47, 10.66, 14.45]];
        yield 'lid open 2 min at 3, 5 and 6 h' => [
            Cooks::chuck(events: [Cooks::lift(3, 2), Cooks::lift(5, 2), Cooks::lift(6, 2)]), [1.52, 2.53, 8.59, 9.37, 10.58, 14.34],
        ];
        yield 'high at 1500 m' => [Cooks::chuck(program: $high, altitude: 1500), [0.83, 1.79, 4.96, 5.46, 6.29, 9.28]];
        yield 'high one hour, then low' => [Cooks::chuck(program: Cooks::highThenLow(1)), [0.83, 1.98, 6.94, 7.62, 8.73, 12.41]];
        yield '3.0 kg low' => [Cooks::chuck(3.0), [2.29, 4.04, 10.29, 11.11, 12.39, \INF]];
    }

    /** @param list<float> $expected hours */
    #[DataProvider('referenceCases')]
    public function testReferenceCasesHoldWithinTwoPercentOrThreeMinutes(Setup $setup, array $expected): void
    {
        foreach (self::times((new Simulation())->run($setup, new Deviation(), 16)) as $i => $hours) {
            if (\INF === $expected[$i]) {
                self::assertInfinite($hours);
                continue;
            }
            self::assertEqualsWithDelta($expected[$i], $hours, max(self::THREE_MINUTES, 0.02 * $expected[$i]), "time $i");
        }
    }

    /** @param list<float> $expected */
    #[DataProvider('referenceCases')]
    public function testStepsOfFiveSecondsMoveNoTimeByHalfAPercentAndDoublingTheShellsNoneByOne(Setup $setup, array $expected): void
    {
        $built = self::times((new Simulation())->run($setup, new Deviation(), 16));
        foreach ([[new Simulation(maxStep: 5), 0.005], [new Simulation(shells: 32), 0.01]] as [$finer, $share]) {
            foreach (self::times($finer->run($setup, new Deviation(), 16)) as $i => $hours) {
                if (is_finite($expected[$i])) {
                    self::assertEqualsWithDelta($hours, $built[$i], $share * $hours, "time $i");
                }
            }
        }
    }

    public function testWhereTheMeatLiesCoolerOrConductsWorseItIsLaterAndLowsHeatIsLowsAlone(): void
    {
        $fork = static fn (Deviation $d, ?Program $program = null): float => (new Simulation())->run(
            Cooks::chuck(program: $program), $d, 20,
        )->doneness[1];
        $high = Cooks::on(Setting::High);

        self::assertEqualsWithDelta(0.23, $fork(new Deviation(zone: 1 / 75)) - $fork(new Deviation()), 0.03, 'a kelvin cooler');
        self::assertGreaterThan($fork(new Deviation()) + 0.2, $fork(new Deviation(conduction: 0.8)));
        self::assertGreaterThan($fork(new Deviation()) + 0.3, $fork(new Deviation(low: 0.95)));
        self::assertEqualsWithDelta($fork(new Deviation(heat: 0.95)), $fork(new Deviation(low: 0.95)), 1e-9);
        self::assertSame($fork(new Deviation(), $high), $fork(new Deviation(low: 0.95), $high));
        self::assertLessThan(1e-9, (new Simulation())->run(
            Cooks::chuck(), new Deviation(conduction: 0.8, zone: 0.03), 16, traced: true,
        )->energy->imbalance());
    }

    /** @return iterable<string, array{Setup}> */
    public static function eventfulCooks(): iterable
    {
        $warm = Program::of([new SettingChange(Duration::hours(0), Setting::High), new SettingChange(Duration::hours(6), Setting::Warm)]);
        $cold = new LateAddition(Duration::hours(4), new Content(Mass::kilograms(0.3), 3900, Temperature::celsius(8)));
        yield 'undisturbed' => [Cooks::chuck()];
        yield 'boiling' => [Cooks::chuck(0.6, Cooks::on(Setting::High), altitude: 2500)];
        yield 'kept warm' => [Cooks::chuck(program: $warm)];
        yield 'everything at once' => [Cooks::chuck(program: $warm, events: [
            Cooks::lift(3, 5), Cooks::lift(7.3, 2), $cold, new PowerCut(Duration::hours(5), Duration::minutes(40)),
        ])];
    }

    #[DataProvider('eventfulCooks')]
    public function testEnergyIsConserved(Setup $setup): void
    {
        $course = (new Simulation())->run($setup, new Deviation(), 16, traced: true);

        self::assertLessThan(1e-9, $course->energy->imbalance());
        self::assertGreaterThan(1e6, $course->energy->in);
    }

    public function testThePotNeverPassesTheBoil(): void
    {
        $course = (new Simulation())->run(Cooks::chuck(0.6, Cooks::on(Setting::High), altitude: 2500), new Deviation(), 12, traced: true);

        self::assertEqualsWithDelta(100 - 2500 / 300, max([0.0, ...array_column($course->trace, 1)]), 0.01);
    }

    public function testWarmHoldsItsTemperatureAndDoesNotOvershoot(): void
    {
        $warm = Program::of([new SettingChange(Duration::hours(0), Setting::High), new SettingChange(Duration::hours(5), Setting::Warm)]);
        $trace = (new Simulation())->run(Cooks::chuck(program: $warm), new Deviation(), 16, traced: true)->trace;

        foreach (\array_slice($trace, -24) as $row) {
            self::assertEqualsWithDelta(72.0, $row[1], 0.5);
        }
        self::assertGreaterThan(71.0, min([100.0, ...array_column(\array_slice($trace, 60), 1)]));
    }

    public function testMoreWattsAreNeverSlower(): void
    {
        $previous = array_fill(0, 6, \INF);
        foreach ([180, 210, 240, 280, 330] as $watts) {
            // The cooker's loss grows with its rated watts; only the heat is varied here.
            $times = self::times((new Simulation())->run(Cooks::chuck(heatFactor: $watts / 241.5), new Deviation(), 24));
            foreach ($times as $i => $hours) {
                self::assertLessThanOrEqual($previous[$i], $hours, "time $i at $watts W");
            }
            $previous = $times;
        }
    }

    public function testALongerLidLiftIsNeverSooner(): void
    {
        $previous = 0.0;
        foreach ([0, 1, 2, 5, 10, 20] as $minutes) {
            $fork = (new Simulation())->run(
                Cooks::chuck(events: $minutes > 0 ? [Cooks::lift(4, $minutes)] : []), new Deviation(), 20,
            )->doneness[1];
            self::assertGreaterThan($previous, $fork);
            $previous = $fork;
        }
    }

    public function testAPowerCutDelaysAndHeavierJointsTakeLonger(): void
    {
        $simulation = new Simulation();
        $plain = $simulation->run(Cooks::chuck(), new Deviation(), 20)->doneness[1];
        $cut = $simulation->run(
            Cooks::chuck(events: [new PowerCut(Duration::hours(2), Duration::minutes(45))]), new Deviation(), 20,
        )->doneness[1];
        $heavier = $simulation->run(Cooks::chuck(1.8), new Deviation(), 20)->doneness[1];

        self::assertGreaterThan($plain + 0.5, $cut);
        self::assertGreaterThan($plain, $heavier);
    }

    public function testWatchedMomentsAreSampledEvenAfterTheMeatIsPastItsBest(): void
    {
        $course = (new Simulation())->run(
            Cooks::chuck(program: Cooks::on(Setting::High)), new Deviation(), 16, watched: [3600 * 12.5, 3600 * 1.79],
        );

        self::assertGreaterThan(90, $course->seen[0]->coreCelsius);
        self::assertEqualsWithDelta(60, $course->seen[1]->coreCelsius, 1.0);
        self::assertGreaterThan($course->seen[1]->dose, $course->seen[0]->dose);
    }

    public function testPoultryIsNotDoneBeforeItsCoreIsSafe(): void
    {
        $thighs = Cooks::joint('chicken-thigh', 1.2, 8);
        $base = Cooks::chuck();
        $setup = new Setup($base->cooker, $base->room, $base->insert, $thighs, $base->contents, Cooks::on(Setting::High));
        $course = (new Simulation())->run($setup, new Deviation(need: 0.05), 12);

        self::assertSame($course->safeCore, $course->doneness[0]);
    }

    /** @return list<float> */
    private static function times(Course $course): array
    {
        return [$course->pot60, $course->core60, ...$course->doneness];
    }
}
