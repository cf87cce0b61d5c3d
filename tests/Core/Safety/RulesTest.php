<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\PotGeometry;
use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Meat\WhyWarm;
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

    #[TestWith([0.0, true, 20.0, 0.0, null])]
    #[TestWith([1.5, true, 20.0, 0.0, 'delayed'])]
    #[TestWith([2.0, true, 20.0, 0.0, 'delayed'])]
    #[TestWith([1.5, false, 20.0, 0.0, 'delayed-warm'])]
    #[TestWith([2.5, true, 20.0, 0.0, 'delayed-too-long'])]
    #[TestWith([1.5, true, 20.0, 0.75, 'delayed-too-long'])]
    #[TestWith([1.5, true, 35.0, 0.0, 'delayed-too-long'])]
    public function testADelayedStart(float $hours, bool $cold, float $room, float $out, ?string $rule): void
    {
        self::assertSame(
            $rule, Rules::delayedStart(Duration::hours($hours), $cold, Temperature::celsius($room), Duration::hours($out))?->rule,
        );
    }

    #[TestWith([5.0, null, null, null])]
    #[TestWith([7.0, null, null, null])]
    #[TestWith([8.0, null, null, 'why-so-warm'])]
    #[TestWith([45.0, null, null, 'why-so-warm'])]
    #[TestWith([20.0, WhyWarm::LeftOut, null, 'out-how-long'])]
    #[TestWith([20.0, WhyWarm::LeftOut, 1.0, null])]
    #[TestWith([31.0, WhyWarm::LeftOut, 1.0, 'warm-all-through'])]
    #[TestWith([60.0, WhyWarm::JustHot, null, null])]
    #[TestWith([60.0, WhyWarm::JustHot, 0.2, null])]
    #[TestWith([20.0, WhyWarm::JustHot, 5.0, 'browned-ahead'])]
    #[TestWith([29.0, WhyWarm::LeftOut, 0.5, 'warmer-than-it-can-be'])]
    #[TestWith([14.0, WhyWarm::LeftOut, 0.5, null])]
    #[TestWith([18.5, WhyWarm::LeftOut, 0.5, 'warmer-than-it-can-be'])]
    #[TestWith([12.0, WhyWarm::JustHot, null, 'just-hot-yet-cool'])]
    #[TestWith([20.0, WhyWarm::JustHot, 0.2, null])]
    public function testWarmMeatNeedsAReason(float $celsius, ?WhyWarm $why, ?float $hours, ?string $rule): void
    {
        $before = new Beforehand(false, $why, null === $hours ? null : Duration::hours($hours));

        self::assertSame($rule, Rules::start(Temperature::celsius($celsius), $before, Temperature::celsius(21))?->rule);
        self::assertSame('frozen-in-recipe', Rules::start(Temperature::celsius($celsius), new Beforehand(true, $why),
            Temperature::celsius(21))?->rule);
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

    #[TestWith([false, false, 0.5, false, 'power-cut-throw-away'])]
    #[TestWith([false, true, 0.5, false, 'power-cut-throw-away'])]
    #[TestWith([true, true, 1.0, false, 'power-cut-cooked'])]
    #[TestWith([true, true, 0.0, false, null])]
    #[TestWith([true, true, 3.0, false, 'power-cut-throw-away'])]
    #[TestWith([true, false, 0.5, false, 'power-cut-finish-elsewhere'])]
    #[TestWith([true, false, 0.5, true, 'power-cut-throw-away'])]
    #[TestWith([true, false, 2.5, false, 'power-cut-throw-away'])]
    public function testAPowerCut(bool $home, bool $cooked, float $under60, bool $tooSlow, ?string $rule): void
    {
        self::assertSame($rule, Rules::powerCut($home, $cooked, Duration::hours($under60), $tooSlow)?->rule);
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
            Rules::room(
                new PotGeometry(new Cooker(Volume::litres($litres), Shape::Oval), new Meats(Cooks::joint('beef-chuck', 1.3)), $vegetables),
                $millilitres,
            ),
        );

        self::assertSame([], $rules(5.7, 0.3, 600));
        self::assertSame(['too-full'], $rules(4.0, 2.0, 1500));
        self::assertSame(['does-not-fit'], $rules(0.8, 0.2, 300));
        self::assertSame(['rather-full'], $rules(5.7, 1.7, 600));
    }
}
