<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Points;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PointsTest extends TestCase
{
    public function testEachNumberIsStandardNormalAndNoTwoGoTogether(): void
    {
        $points = array_map(Points::normal(...), range(0, 127));
        foreach (range(0, 7) as $a) {
            self::assertEqualsWithDelta(0.0, self::mean($points, $a, null), 0.04);
            self::assertEqualsWithDelta(1.0, self::mean($points, $a, $a), 0.08);
            foreach (range(0, $a - 1) as $b) {
                self::assertLessThan(0.35, 0 === $a ? 0.0 : abs(self::mean($points, $a, $b)));
            }
        }
    }

    /** Both tails of 128 members are where those of 8 192 are. */
    #[TestWith([Setting::Low, 0.15])]
    #[TestWith([Setting::High, 0.06])]
    public function testAHundredAndTwentyEightTellWhatEightThousandTell(Setting $setting, float $hours): void
    {
        $few = $this->window($setting, Ensemble::MEMBERS);
        $many = $this->window($setting, 8192);

        self::assertEqualsWithDelta($many[0], $few[0], $hours);
        self::assertEqualsWithDelta($many[1], $few[1], $hours);
        self::assertEqualsWithDelta($many[2], $few[2], $hours);
        self::assertLessThan(1.1, ($few[2] - $few[0]) / ($many[2] - $many[0]));
    }

    /**
     * @param int<1, max> $members
     *
     * @return array{float, float, float}
     */
    private function window(Setting $setting, int $members): array
    {
        $window = Ensemble::draw(new Spread(), $members)
            ->run(new Simulation(), Cooks::chuck(program: Cooks::on($setting)), 24.0)->doneness(Doneness::Fork);

        return [(float) $window->earliest, (float) $window->likely, (float) $window->latest];
    }

    /** @param list<list<float>> $points */
    private static function mean(array $points, int $a, ?int $b): float
    {
        return array_sum(array_map(static fn (array $p): float => $p[$a] * (null === $b ? 1.0 : $p[$b]), $points)) / \count($points);
    }
}
