<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ten pots drawn say the same as the share of pots that is told. */
final class TenPotsTest extends TestCase
{
    public function testTheFirstFifthAndNinthAreThePercentilesAndTheTenthIsNotForetold(): void
    {
        $ten = (new Window(6.0, 8.0, 12.0))->ofTen();

        self::assertCount(10, $ten);
        self::assertSame([6.0, 8.0, 12.0, null], [$ten[0], $ten[4], $ten[8], $ten[9]]);
        $sorted = $ten;
        sort($sorted);
        self::assertSame([null, ...\array_slice($ten, 0, 9)], $sorted);
    }

    public function testTheyAgreeWithTheShareByTheirHour(): void
    {
        $window = new Window(5.5, 7.4, 10.6);
        foreach (\array_slice($window->ofTen(), 0, 9) as $k => $hours) {
            self::assertEqualsWithDelta(($k + 1) / 10, $window->shareBy((float) $hours), 1e-9);
        }
    }

    /** Of 128 members, every tenth is where it is of 8 192, to four points. */
    #[TestWith([Setting::Low, Doneness::Fork])]
    #[TestWith([Setting::High, Doneness::Fork])]
    #[TestWith([Setting::High, Doneness::Past])]
    public function testEveryTenthIsRight(Setting $setting, Doneness $level): void
    {
        $run = static fn (int $members): Outcome => Ensemble::draw(new Spread(), max(1, $members))->run(
            new Simulation(), Cooks::chuck(program: Cooks::on($setting)), 24.0,
        );
        $many = $run(8192);
        $window = $run(128)->doneness($level);
        foreach (\array_slice($window->ofTen(), 0, 9) as $k => $hours) {
            self::assertEqualsWithDelta(($k + 1) / 10, $many->shareBy($level, (float) $hours), 0.04, "tenth $k");
            self::assertEqualsWithDelta($many->shareBy($level, (float) $hours - 0.2), $window->shareBy((float) $hours - 0.2), 0.04);
        }
    }

    public function testTheTailsAreSharesToo(): void
    {
        $at = array_map(static fn (float $share): float => 5.0 + 10 * $share, Window::TWENTIETHS);
        $window = new Window(6.0, 10.0, 14.0, $at);

        self::assertEqualsWithDelta(0.02, $window->shareBy(5.2), 1e-9);
        self::assertEqualsWithDelta(0.07, $window->shareBy(5.7), 1e-9);
        self::assertEqualsWithDelta(0.93, $window->shareBy(14.3), 1e-9);
        self::assertSame(0.0, $window->shareBy(4.9));
        self::assertSame(0.95, $window->shareBy(20.0), 'no more than is known');
        self::assertEqualsWithDelta(0.5, $window->noLaterThan(10.0)->shareBy(9.9999), 0.001);
        self::assertEqualsWithDelta(0.2, $window->map(static fn (float $h): float => $h + 1)->shareBy(8.0), 1e-9);
        self::assertEqualsWithDelta(0.2, Window::last($window, $window->map(static fn (float $h): float => $h - 3))->shareBy(7.0), 1e-9);
    }

    public function testWhatIsNotReachedIsNotDrawn(): void
    {
        self::assertSame([9.5, 14.0, null], self::some(new Window(9.5, 14.0, null)));
        self::assertSame([9.5, null, null], self::some(new Window(9.5, null, null)));
        self::assertSame(array_fill(0, 10, null), (new Window(null, null, null))->ofTen());
    }

    /** @return list<float|null> the first, the fifth and the sixth */
    private static function some(Window $window): array
    {
        $ten = $window->ofTen();

        return [$ten[0], $ten[4], $ten[5]];
    }
}
