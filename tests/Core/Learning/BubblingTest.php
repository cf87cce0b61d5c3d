<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Heat\Sample;
use Pausis\Core\Learning\Bubbles;
use Pausis\Core\Learning\Bubbling;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BubblingTest extends TestCase
{
    private const ANY = 0.95;

    #[TestWith([70.0, Bubbles::None])]
    #[TestWith([81.0, Bubbles::None])]
    #[TestWith([88.0, Bubbles::AtTheRim])]
    #[TestWith([93.0, Bubbles::AtTheRim])]
    #[TestWith([98.5, Bubbles::AllOver])]
    public function testALiquidIsMostLikelySeenAsItIs(float $celsius, Bubbles $seen): void
    {
        $likely = self::likely($celsius, 100.0);

        self::assertSame($seen->value, array_search(max($likely), $likely, true));
    }

    public function testWhereOneBeginsAndTheOtherEndsBothAreAsLikely(): void
    {
        $rim = self::likely(85.0, 100.0);
        self::assertEqualsWithDelta($rim['none'], $rim['rim'], 0.002);
        $over = self::likely(96.0, 100.0);
        self::assertEqualsWithDelta($over['rim'], $over['over'], 0.02);
    }

    public function testSomethingIsSeenAndNothingIsRuledOut(): void
    {
        foreach ([20.0, 60.0, 84.0, 90.0, 96.0, 100.0] as $celsius) {
            $likely = self::likely($celsius, 100.0);
            self::assertEqualsWithDelta(1.0, array_sum($likely), 1e-9);
            self::assertGreaterThanOrEqual((1 - self::ANY) / 3 - 1e-9, min($likely));
        }
        self::assertEqualsWithDelta(self::ANY + (1 - self::ANY) / 3, self::likely(20.0, 100.0)['none'], 1e-6);
    }

    public function testHowWideTheyOverlap(): void
    {
        // A logistic's quarter lies 1.0986 scales off its middle.
        $below = self::likely(85.0 - 1.0986 * 2.5, 100.0);
        self::assertEqualsWithDelta(0.25 * self::ANY + (1 - self::ANY) / 3, $below['rim'] + $below['over'] - (1 - self::ANY) / 3,
            0.002);
        $above = self::likely(96.0 + 1.0986 * 1.5, 100.0);
        self::assertEqualsWithDelta(0.75, ($above['over'] - (1 - self::ANY) / 3) / self::ANY, 0.01);
    }

    public function testHigherUpItBoilsSooner(): void
    {
        self::assertGreaterThan(self::likely(93.0, 100.0)['over'], self::likely(93.0, 95.0)['over']);
    }

    /** @return non-empty-array<string, float> by what is seen */
    private static function likely(float $celsius, float $boil): array
    {
        $likely = [];
        foreach (Bubbles::cases() as $seen) {
            $likely[$seen->value] = exp((new Bubbling(Duration::hours(4), $seen, Temperature::celsius($boil)))->logLikelihood(
                new Sample($celsius, 70.0, 1.0), 10.0,
            ));
        }

        return $likely;
    }
}
