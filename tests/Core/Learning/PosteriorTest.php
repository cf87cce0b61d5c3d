<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\LearnedFactor;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\Posterior;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\TestCase;

final class PosteriorTest extends TestCase
{
    public function testToughMeatIsLearnedAsANeedNotAsAWeakCooker(): void
    {
        // The liquid is as warm as expected, the meat tight long after its time.
        $outcome = self::after(
            new ForkTest(Duration::hours(9.5), ForkAnswer::Resists),
            new ProbeReading(Duration::hours(3), ProbePlace::Liquid, Temperature::celsius(79.4)),
        );
        $need = Posterior::prior(0.18)->after($outcome, LearnedFactor::Need);
        $heat = Posterior::prior(0.08)->after($outcome, LearnedFactor::Heat);

        self::assertGreaterThan(1.1, $need->factor());
        self::assertEqualsWithDelta(1.0, $heat->factor(), 0.05);
        self::assertLessThan(0.18, $need->sigma);
        self::assertSame(1, $need->cooks);
    }

    public function testACoolPotIsLearnedAsAWeakCooker(): void
    {
        $outcome = self::after(
            new ProbeReading(Duration::hours(1.5), ProbePlace::Liquid, Temperature::celsius(51)),
            new ProbeReading(Duration::hours(3), ProbePlace::Liquid, Temperature::celsius(69)),
        );

        self::assertLessThan(0.97, Posterior::prior(0.08)->after($outcome, LearnedFactor::Heat)->factor());
    }

    public function testACookWithoutEvidenceTeachesNothing(): void
    {
        $learned = Posterior::prior(0.18)->after(self::after(), LearnedFactor::Need);

        self::assertEqualsWithDelta(1.0, $learned->factor(), 0.01);
        self::assertEqualsWithDelta(0.18, $learned->sigma, 0.005);
    }

    public function testWhatWasLearnedHalvesInTenCooks(): void
    {
        $posterior = Posterior::kept(0.3, 0.1, 4, 0.18);
        $nothing = new Outcome(Ensemble::draw(new Spread(heat: 1e-9, need: 1e-9), 8)->members, [], array_fill(0, 8, 1 / 8));
        for ($i = 0; $i < 10; ++$i) {
            $posterior = $posterior->after($nothing, LearnedFactor::Need);
        }

        self::assertEqualsWithDelta(0.15, $posterior->mean, 1e-6);
        self::assertSame(14, $posterior->cooks);
    }

    public function testCertaintyHasALimit(): void
    {
        $sure = new Outcome(Ensemble::draw(new Spread(need: 1e-9), 8)->members, [], array_fill(0, 8, 1 / 8));

        self::assertGreaterThan(0.05, Posterior::prior(0.18)->after($sure, LearnedFactor::Need)->sigma);
    }

    private static function after(ForkTest|ProbeReading ...$evidence): Outcome
    {
        return Ensemble::draw(new Spread())->run(new Simulation(), Cooks::chuck(), 20, array_values($evidence));
    }
}
