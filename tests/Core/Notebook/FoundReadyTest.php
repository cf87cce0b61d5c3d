<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Notebook;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Notebook\FoundReady;
use Pausis\Core\Notebook\Held;
use Pausis\Core\Notebook\Honesty;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Tenderness\Doneness;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FoundReadyTest extends TestCase
{
    public function testItIsBetweenTheLastLookThatFoundItNotReadyAndTheFirstThatDid(): void
    {
        $of = static fn (RunningCook $cook, Doneness $texture = Doneness::Fork): array => [
            FoundReady::of($cook, $texture)->after, FoundReady::of($cook, $texture)->by,
        ];

        self::assertSame([8.0, 9.0], $of(self::looked(['resists', 'gives', 'slides-in', 'falls-apart'])));
        self::assertSame([null, 7.0], $of(self::looked(['slides-in', 'falls-apart'])));
        self::assertSame([8.0, null], $of(self::looked(['slides-in', 'resists'])), 'a later answer takes the first back');
        self::assertSame([9.0, 10.0], $of(self::looked(['resists', 'gives', 'slides-in', 'falls-apart']), Doneness::Pulls));
        self::assertSame([null, null], $of(self::looked([])));
    }

    /** @param list<string> $answers an hour after each other, from the seventh on */
    private static function looked(array $answers): RunningCook
    {
        return new RunningCook(new \DateTimeImmutable('2026-12-02 08:00'), ProgramChoice::Low, array_map(
            static fn (string $answer, int $k): ForkTest => new ForkTest(Duration::hours(7.0 + $k), ForkAnswer::from($answer)),
            $answers, array_keys($answers),
        ));
    }

    /** @return iterable<string, array{float|null, float|null, Held, bool|null}> after, by, of a window from 8 to 10 hours */
    public static function spans(): iterable
    {
        yield 'inside' => [8.2, 9.8, Held::Inside, true];
        yield 'at its ends' => [8.0, 10.0, Held::Inside, true];
        yield 'too soon' => [null, 7.9, Held::TooSoon, true];
        yield 'at the first look, inside' => [null, 8.0, Held::Untold, true];
        yield 'begun before it' => [7.9, 9.0, Held::Untold, true];
        yield 'too late' => [10.1, 11.0, Held::TooLate, false];
        yield 'over its end' => [9.0, 10.1, Held::Untold, null];
        yield 'not found ready' => [9.0, null, Held::Untold, null];
        yield 'not found ready after it' => [10.5, null, Held::TooLate, false];
        yield 'nobody looked' => [null, null, Held::Untold, null];
    }

    #[DataProvider('spans')]
    public function testAWindowHeldOnlyWhereTheLooksLeaveNoOtherAnswer(?float $after, ?float $by, Held $held, ?bool $inTime): void
    {
        $found = new FoundReady($after, $by);

        self::assertSame($held, $found->within(8.0, 10.0));
        self::assertSame($inTime, $found->inTime(10.0));
        self::assertSame(Held::Untold, $found->within(null, null));
        self::assertNull($found->inTime(null));
    }

    public function testOfManyWindowsItIsCountedHowManyHeldAndHowWideTheyWere(): void
    {
        $honesty = new Honesty();
        self::assertNull($honesty->widths());
        foreach ([4.0, 5.0, 3.0, 6.0, 4.5, 2.0, 1.0, 2.5, 1.5, 3.0] as $k => $width) {
            $honesty->count($k < 7 ? new FoundReady(8.1, 8.2) : new FoundReady(20.0, 21.0), 8.0, 8.0 + $width);
        }
        $honesty->count(new FoundReady(8.1, 8.2), null, null);
        $honesty->count(new FoundReady(null, 8.5), 8.0, null);

        self::assertSame(11, $honesty->of(), 'what had no window doesn’t count');
        self::assertSame([7, 3, 0, 1], array_map($honesty->held(...), [Held::Inside, Held::TooLate, Held::TooSoon, Held::Untold]));
        self::assertSame([7, 10], $honesty->inTime());
        self::assertSame([4.5, 2.0], $honesty->widths(), 'the middle of the first five and of the last five');
    }
}
