<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Heat\Room;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OtherWayTest extends TestCase
{
    #[TestWith([Method::Oven, 150.0, 97.38])]
    #[TestWith([Method::Oven, 120.0, 89.77])]
    #[TestWith([Method::Hob, null, 97.0])]
    #[TestWith([Method::Pressure, null, 120.0])]
    public function testWhereThePotSettles(Method $method, ?float $oven, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, OtherWay::settles(new OriginalMethod($method, 3, $oven), 100), 0.01);
    }

    #[TestWith([Method::Oven, 3.0, 6])]
    #[TestWith([Method::Hob, 2.5, 12])]
    #[TestWith([Method::Pressure, 0.75, 6])]
    public function testUsualTimesForPiecesImplyTheNeedOfTheCut(Method $method, float $hours, int $pieces): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3, $pieces);

        self::assertEqualsWithDelta(
            0.0, log(self::way($method, $hours, 150)->impliedNeed($joint, Doneness::Fork) / $joint->cut->needHours),
            OtherWay::SIGMA_OF_RECIPE,
        );
    }

    public function testTheTwoDirectionsAreInverse(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3, startCelsius: 20);
        foreach ([Method::Oven, Method::Hob, Method::Pressure] as $method) {
            $hours = self::way($method, 1, 150)->hoursFrom($joint, Doneness::Fork, 0, 20);
            $implied = self::way($method, $hours, 150)->impliedNeed($joint, Doneness::Fork, 20);
            self::assertEqualsWithDelta($joint->needHours, $implied, 0.03, $method->value);
        }
    }

    public function testWhatIsDoneAlreadyShortensTheRestAndHotterIsFaster(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3);
        $oven = self::way(Method::Oven, 1, 150);

        self::assertLessThan($oven->hoursFrom($joint, Doneness::Fork, 0, 80), $oven->hoursFrom($joint, Doneness::Fork, 2, 80));
        self::assertSame(0.0, $oven->hoursFrom($joint, Doneness::Fork, 9, 80));
        self::assertLessThan(
            $oven->hoursFrom($joint, Doneness::Fork, 1, 80), self::way(Method::Pressure, 1)->hoursFrom($joint, Doneness::Fork, 1, 80),
        );
        self::assertLessThan(
            self::way(Method::Oven, 1, 110)->hoursFrom($joint, Doneness::Fork, 1, 80), $oven->hoursFrom($joint, Doneness::Fork, 1, 80),
        );
    }

    public function testAtHeightTheHobTakesLonger(): void
    {
        $joint = Cooks::joint('beef-chuck', 1.3);
        $high = new OtherWay(new OriginalMethod(Method::Hob, 1), new Room(Temperature::celsius(20), 1500), Mass::kilograms(3));

        self::assertGreaterThan(
            self::way(Method::Hob, 1)->hoursFrom($joint, Doneness::Fork, 0, 40), $high->hoursFrom($joint, Doneness::Fork, 0, 40),
        );
    }

    public function testTwoEstimatesAreCombinedByTheirCertainty(): void
    {
        [$need, $sigma] = OtherWay::combined(3.6, 0.18, 5.0);

        self::assertGreaterThan(3.6, $need);
        self::assertLessThan(sqrt(3.6 * 5.0), $need);
        self::assertEqualsWithDelta(1 / sqrt(1 / 0.18 ** 2 + 1 / 0.25 ** 2), $sigma, 1e-9);
        self::assertEqualsWithDelta(3.6, OtherWay::combined(3.6, 0.18, 3.6)[0], 1e-9);
    }

    private static function way(Method $method, float $hours, ?float $oven = null): OtherWay
    {
        return new OtherWay(new OriginalMethod($method, $hours, $oven), new Room(Temperature::celsius(20)), Mass::kilograms(3));
    }
}
