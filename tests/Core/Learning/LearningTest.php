<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Knowledge;
use Pausis\Core\Learning\WaterTestResult;
use Pausis\Core\Learning\WaterTestVerdict;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use Pausis\Tests\Core\Learning\Simulated\Cook;
use Pausis\Tests\Core\Learning\Simulated\House;
use Pausis\Tests\Core\Learning\Simulated\Nature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Households that cook again and again, in a nature that the model doesn't see. PAUSIS_HOUSES says how many; what is asserted
 * of a share gives way by three standard errors of so few.
 */
final class LearningTest extends TestCase
{
    private const HOUSES = 8;
    private const COOKS = 4;

    #[TestWith([Setting::Low])]
    #[TestWith([Setting::High])]
    public function testEightWindowsInTenHoldWithTheLooksThatAreTakenAndGetNarrower(Setting $setting): void
    {
        $cooks = self::houses($setting);
        $all = array_merge(...$cooks);
        self::assertShare(0.80, 0.06, $all, static fn (Cook $c): bool => $c->isInside());
        self::assertShare(0.90, 0.04, $all, static fn (Cook $c): bool => $c->ready <= ($c->first->latest ?? \INF));
        $width = static fn (Cook $c): float => ($c->first->latest ?? 20.0) - ($c->first->earliest ?? 0.0);
        $mean = static fn (int $n): float => array_sum(array_map(static fn (array $of): float => $width($of[$n]), $cooks)) / \count($cooks);

        $tolerance = 0.5 / sqrt(\count($cooks));
        self::assertLessThan(((Setting::Low === $setting ? 0.60 : 0.80) + $tolerance) * $mean(0), $mean(self::COOKS - 1));
        self::assertLessThan(3.0, array_sum(array_map(static fn (Cook $c): int => $c->looks, $all)) / \count($all));
    }

    public function testAlsoOfANatureOutsideTheModelAndOfWrongAnswers(): void
    {
        $outside = array_merge(...self::houses(Setting::Low, outside: true), ...self::houses(Setting::High, outside: true, wrong: 0.05));

        self::assertShare(0.80, 0.10, $outside, static fn (Cook $c): bool => $c->isInside());
    }

    public function testACookerFarTooCoolIsCoveredFromTheSecondCookOn(): void
    {
        $cooks = self::houses(Setting::Low, heat: 0.75);
        $second = array_map(static fn (array $of): Cook => $of[1], $cooks);

        self::assertShare(0.85, 0.15, $second, static fn (Cook $c): bool => $c->isInside());
    }

    public function testAWaterTestNarrowsTheFirstWindow(): void
    {
        $cut = Cooks::joint('beef-chuck', 1.3)->cut;
        $width = static function (Belief $belief) use ($cut): float {
            $window = Ensemble::draw((new Knowledge($belief, 'pot', $cut, false))->spread())
                ->run(new Simulation(), Cooks::chuck(), 24.0)->doneness(Doneness::Fork);

            return (float) $window->latest - (float) $window->earliest;
        };
        $tested = Knowledge::measured(Belief::none(), 'pot', new WaterTestResult(1.0, 1.0, 0.5, WaterTestVerdict::Fit, []));

        self::assertLessThan(0.65 * $width(Belief::none()), $width($tested));
    }

    /** @return list<list<Cook>> of each house, in order */
    private static function houses(Setting $setting, ?float $heat = null, bool $outside = false, float $wrong = 0.0): array
    {
        $simulation = new Simulation();
        $houses = [];
        for ($number = 0, $count = (int) (getenv('PAUSIS_HOUSES') ?: self::HOUSES); $number < $count; ++$number) {
            $house = new House(new Nature(100 + $number, $simulation, $heat, $outside, $wrong), $setting, $simulation);
            $houses[] = array_map(static fn (): Cook => $house->cook(), range(1, null === $heat ? self::COOKS : 2));
        }

        return $houses;
    }

    /**
     * @param list<Cook>           $cooks
     * @param callable(Cook): bool $holds
     */
    private static function assertShare(float $share, float $off, array $cooks, callable $holds): void
    {
        $error = 3 * sqrt($share * (1 - $share) / \count($cooks));

        self::assertEqualsWithDelta($share, \count(array_filter($cooks, $holds)) / \count($cooks), $off + $error);
    }
}
