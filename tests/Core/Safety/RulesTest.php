<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Quantity\Volume;
use Pausis\Core\Safety\Finding;
use Pausis\Core\Safety\Rules;
use Pausis\Core\Safety\Severity;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RulesTest extends TestCase
{
    #[TestWith([3.4, 2.0, 20.0, null])]
    #[TestWith([3.8, 2.0, 20.0, 'slow-to-60'])]
    #[TestWith([2.0, 3.9, 20.0, 'slow-to-60'])]
    #[TestWith([3.9, 2.0, 0.0, null])]
    public function testFourHoursFromTheFridge(float $core, float $pot, float $minutesOut, ?string $rule): void
    {
        $hours = Rules::fridgeTo60(new Window(1, 2, $core), new Window(1, 1.5, $pot), $minutesOut);

        self::assertEqualsWithDelta(max($core, $pot) + $minutesOut / 60, $hours, 1e-9);
        self::assertSame($rule, Rules::heatingUp($hours)?->rule);
    }

    public function testAPotThatNeverGetsThereIsRefused(): void
    {
        $finding = Rules::heatingUp(Rules::fridgeTo60(new Window(2, 3, null), new Window(1, 2, 3), 10));

        self::assertSame([Severity::Refuse, 'never'], [$finding?->severity, $finding?->variables['hours'] ?? null]);
    }

    #[TestWith([0.0, true, null])]
    #[TestWith([1.5, true, 'delayed'])]
    #[TestWith([1.5, false, 'delayed-warm'])]
    #[TestWith([2.5, true, 'delayed-too-long'])]
    public function testADelayedStart(float $hours, bool $cold, ?string $rule): void
    {
        self::assertSame($rule, Rules::delayedStart(Duration::hours($hours), $cold)?->rule);
    }

    #[TestWith([1.9, 21.0, null])]
    #[TestWith([2.1, 21.0, 'too-long-on-the-counter'])]
    #[TestWith([1.1, 33.0, 'too-long-on-the-counter'])]
    public function testRawFoodOnTheCounter(float $hours, float $room, ?string $rule): void
    {
        self::assertSame($rule, Rules::onTheCounter(Duration::hours($hours), Temperature::celsius($room))?->rule);
    }

    #[TestWith([3.0, 65.0, true, null])]
    #[TestWith([3.0, 57.0, true, 'warm-too-cool'])]
    #[TestWith([4.5, 65.0, true, 'warm-too-long'])]
    #[TestWith([0.1, 72.0, false, 'cooking-on-warm'])]
    public function testWarmOnlyHolds(float $hours, float $coolest, bool $cooked, ?string $rule): void
    {
        self::assertSame($rule, Rules::onWarm(Duration::hours($hours), Temperature::celsius($coolest), $cooked)?->rule);
    }

    #[TestWith([false, false, 0.5, 'power-cut-throw-away'])]
    #[TestWith([false, true, 1.0, 'power-cut-cooked'])]
    #[TestWith([false, true, 2.5, 'power-cut-throw-away'])]
    #[TestWith([true, false, 0.5, 'power-cut-finish-elsewhere'])]
    #[TestWith([true, true, 3.0, 'power-cut-throw-away'])]
    public function testAPowerCut(bool $home, bool $cooked, float $under60, string $rule): void
    {
        self::assertSame($rule, Rules::powerCut($home, $cooked, Duration::hours($under60))->rule);
    }

    public function testColdStonewareBrownedAheadAndLeanMeat(): void
    {
        self::assertSame('cold-insert', Rules::coldInsert(Temperature::celsius(5))?->rule);
        self::assertNull(Rules::coldInsert(Temperature::celsius(20)));
        self::assertSame('browned-ahead', Rules::brownedAhead(Duration::hours(10))?->rule);
        self::assertNull(Rules::brownedAhead(Duration::minutes(10)));
        self::assertSame('lean-dries', Rules::leanHeld(Cooks::joint('venison-shoulder', 1.2), 4.0 * 1.7)?->rule);
        self::assertNull(Rules::leanHeld(Cooks::joint('venison-shoulder', 1.2), 4.0 * 1.5));
        self::assertNull(Rules::leanHeld(Cooks::joint('beef-chuck', 1.2), 3.6 * 2.5));
    }

    public function testRoomInThePot(): void
    {
        $rules = static fn (float $litres, float $vegetables, float $millilitres): array => array_map(
            static fn (Finding $f): string => $f->rule,
            Rules::room(new PotGeometry(new Cooker(Volume::litres($litres), Shape::Oval), Cooks::joint('beef-chuck', 1.3), $vegetables), Cooks::joint('beef-chuck', 1.3), $millilitres),
        );

        self::assertSame([], $rules(5.7, 0.3, 600));
        self::assertSame(['too-full'], $rules(4.0, 2.0, 1500));
        self::assertSame(['does-not-fit'], $rules(0.8, 0.2, 300));
        self::assertSame(['rather-full'], $rules(5.7, 1.7, 600));
    }
}
