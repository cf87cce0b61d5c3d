<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Learning\Window;
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
