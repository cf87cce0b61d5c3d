<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Cooker;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Cooker\Setting;
use Pausis\Core\Cooker\SettingChange;
use Pausis\Core\Cooker\Shape;
use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Simulation;
use Pausis\Core\Problem\Problem;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Volume;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class CookerTest extends TestCase
{
    public function testTheReferenceCooker(): void
    {
        $cooker = new Cooker(Volume::litres(5.7), Shape::Oval, Power::watts(241.5));

        self::assertEqualsWithDelta(169.05, $cooker->heatAt(Setting::High)->watts, 1e-9);
        self::assertEqualsWithDelta(0.84 * 169.05, $cooker->heatAt(Setting::Medium)->watts, 1e-9);
        self::assertEqualsWithDelta(0.68 * 169.05, $cooker->heatAt(Setting::Low)->watts, 1e-9);
        self::assertSame(0.0, $cooker->heatAt(Setting::Off)->watts);
        self::assertEqualsWithDelta(1.4405, $cooker->lossCoefficient(), 1e-4);
        self::assertEqualsWithDelta(3.03, $cooker->insertMass()->kilograms, 1e-9);
        self::assertEqualsWithDelta(0.0463, $cooker->insideArea(), 1e-4);
    }

    public function testUnknownWattsAreGuessedBySize(): void
    {
        self::assertEqualsWithDelta(241.5, (new Cooker(Volume::litres(5.7)))->ratedPower()->watts, 0.2);
    }

    public function testTheInsideHoldsItsCapacity(): void
    {
        foreach (Shape::cases() as $shape) {
            $cooker = new Cooker(Volume::litres(4), $shape);
            $ellipse = \M_PI / 4 * $cooker->insideLength()->metres * $cooker->insideWidth()->metres;
            self::assertEqualsWithDelta(0.004, $ellipse * $cooker->depth()->metres, 1e-9);
        }
    }

    public function testAHotterCookerIsNoLeakier(): void
    {
        $plain = new Cooker(Volume::litres(4));
        $hot = new Cooker(Volume::litres(4), heatFactor: 1.2);

        self::assertEqualsWithDelta(1.2, $hot->heatAt(Setting::Low)->watts / $plain->heatAt(Setting::Low)->watts, 1e-9);
        self::assertSame($plain->lossCoefficient(), $hot->lossCoefficient());
    }

    public function testWhatCantBeIsToldAllAtOnce(): void
    {
        $problems = new Problems();

        self::assertNull(Cooker::tryFrom(0.1, Shape::Oval, 5, \NAN, 90, $problems));
        self::assertSame(
            ['cooker.capacityLitres', 'cooker.ratedWatts', 'cooker.heatFactor', 'cooker.autoWarmHours'],
            array_map(static fn (Problem $p): string => $p->path, $problems->all()),
        );
    }

    public function testAProgramIsInOrderAndOffBeforeItsStart(): void
    {
        $program = Program::of([new SettingChange(Duration::hours(3), Setting::Low), new SettingChange(Duration::hours(1), Setting::High)]);

        self::assertSame(['off', 'high', 'low'], array_map(static fn (SettingChange $c): string => $c->setting->value, $program->changes));
        self::assertSame(Setting::Off, $program->changes[0]->setting);
    }

    public function testTurningByHandCancelsWhatWasToComeAndStartsTheTimerAgain(): void
    {
        $cooker = new Cooker(Volume::litres(6), autoWarmAfter: Duration::hours(8));
        $turned = Program::steady(Setting::Low, $cooker)->turnedTo(Setting::High, Duration::hours(6), $cooker);

        self::assertSame(
            ['low 0', 'high 6', 'warm 14'],
            array_map(static fn (SettingChange $c): string => $c->setting->value.' '.$c->at->inHours(), $turned->changes),
        );
    }

    public function testADelayedStartMovesTheWholeProgramAndTheHeating(): void
    {
        $delayed = Cooks::highThenLow(1)->delayed(Duration::hours(2));
        self::assertSame(
            ['off 0', 'high 2', 'low 3'],
            array_map(static fn (SettingChange $c): string => $c->setting->value.' '.$c->at->inHours(), $delayed->changes),
        );

        $plain = (new Simulation())->run(Cooks::chuck(program: Cooks::highThenLow(1)), new Deviation(), 20);
        $later = (new Simulation())->run(Cooks::chuck(program: $delayed), new Deviation(), 20);
        // Two hours in the room warm the meat a little, so that it is not quite two hours later.
        self::assertGreaterThan($plain->doneness[1] + 1.7, $later->doneness[1]);
        self::assertLessThan($plain->doneness[1] + 2.05, $later->doneness[1]);
    }
}
