<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Heat\Simulation;
use Pausis\Core\Learning\Ensemble;
use Pausis\Core\Learning\Evidence;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Learning\Outcome;
use Pausis\Core\Learning\ProbePlace;
use Pausis\Core\Learning\ProbeReading;
use Pausis\Core\Learning\Spread;
use Pausis\Core\Learning\Window;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Tenderness\Doneness;
use Pausis\Tests\Core\Cooks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EnsembleTest extends TestCase
{
    public function testSameInputsSameAnswer(): void
    {
        self::assertEquals($this->fork([]), $this->fork([]));
    }

    public function testPercentilesAreInOrderAndAroundTheBestGuess(): void
    {
        $window = $this->fork([]);

        self::assertNotNull($window->earliest);
        self::assertLessThan($window->likely, $window->earliest);
        self::assertLessThan($window->latest, $window->likely);
        self::assertEqualsWithDelta(8.22, (float) $window->likely, 0.25);
    }

    public function testTheMembersHaveTheSpreadTheyWereDrawnFrom(): void
    {
        $ensemble = Ensemble::draw(new Spread(need: 0.18), 512);
        $logs = array_map(static fn ($m): float => log($m->need), $ensemble->members);
        $mean = array_sum(array_map(static fn (float $w, float $l): float => $w * $l, $ensemble->weights(), $logs));
        $sigma = sqrt(array_sum(array_map(static fn (float $w, float $l): float => $w * ($l - $mean) ** 2, $ensemble->weights(), $logs)));

        self::assertEqualsWithDelta(0.0, $mean, 0.005);
        self::assertEqualsWithDelta(0.18, $sigma, 0.01);
    }

    public function testHoweverWideItIsDrawnAMemberIsAPotThatCanBe(): void
    {
        foreach (Ensemble::draw(new Spread(heat: 2.0, loss: 2.0, need: 3.0, thickness: 3.0, low: 2.0), 256)->members as $member) {
            self::assertEqualsWithDelta(0.0, log($member->heat), 1.1 + 1e-9);
            self::assertEqualsWithDelta(0.0, log($member->thickness), 0.7 + 1e-9);
            self::assertEqualsWithDelta(0.0, log($member->need), 1.6 + 1e-9);
            self::assertTrue(is_finite((new Simulation())->run(Cooks::chuck(), $member, 4.0)->potCelsius));
        }
    }

    public function testLevelsFollowEachOther(): void
    {
        $run = $this->outcome([]);
        $medians = array_map(static fn (Doneness $d): ?float => $run->doneness($d)->likely, Doneness::cases());
        $sorted = $medians;
        sort($sorted);

        self::assertSame($sorted, $medians);
    }

    #[TestWith([4.0])]
    #[TestWith([7.0])]
    #[TestWith([9.0])]
    #[TestWith([11.5])]
    public function testResistingMeatIsNeverExpectedSooner(float $hour): void
    {
        $before = $this->fork([]);
        $after = $this->fork([self::forkTest($hour, ForkAnswer::Resists)]);

        self::assertGreaterThanOrEqual((float) $before->likely - 1e-9, (float) $after->likely);
        self::assertGreaterThan($hour, (float) $after->likely);
    }

    #[TestWith([7.0])]
    #[TestWith([8.5])]
    #[TestWith([11.0])]
    public function testAFurtherAnswerMakesNothingLater(float $hour): void
    {
        foreach ([[], [self::forkTest($hour - 1.5, ForkAnswer::Resists)], [self::forkTest($hour - 1, ForkAnswer::Gives)]] as $earlier) {
            $before = null;
            foreach (ForkAnswer::cases() as $answer) {
                $window = $this->fork([...$earlier, self::forkTest($hour, $answer)]);
                if (null !== $before) {
                    self::assertLessThanOrEqual($before->earliest + 1 / 60, $window->earliest, $answer->value);
                    self::assertLessThanOrEqual($before->likely + 1 / 60, $window->likely, $answer->value);
                    self::assertLessThanOrEqual(($before->latest ?? \INF) + 1 / 60, $window->latest ?? \INF, $answer->value);
                }
                $before = $window;
            }
        }
    }

    public function testMeatThatTheForkSlidesIntoEarlyIsExpectedSooner(): void
    {
        self::assertLessThan((float) $this->fork([])->likely, (float) $this->fork([self::forkTest(7, ForkAnswer::SlidesIn)])->likely);
    }

    public function testTheSameEvidenceTwiceNarrows(): void
    {
        $gives = self::forkTest(7.5, ForkAnswer::Gives);
        $width = static fn (Window $w): float => (float) $w->latest - (float) $w->earliest;
        $none = $width($this->fork([]));
        $once = $width($this->fork([$gives]));
        $twice = $width($this->fork([$gives, $gives]));

        self::assertLessThan($none, $once);
        self::assertLessThan($once, $twice);
    }

    public function testAHotProbeReadingMeansAStrongCooker(): void
    {
        $warmer = $this->fork([new ProbeReading(Duration::hours(3), ProbePlace::Liquid, Temperature::celsius(87))]);
        $cooler = $this->fork([new ProbeReading(Duration::hours(3), ProbePlace::Liquid, Temperature::celsius(78))]);

        self::assertLessThan((float) $cooler->likely, (float) $warmer->likely);
    }

    public function testOneAbsurdAnswerMayBeAMistakeAndASecondOneIsNone(): void
    {
        $once = (float) $this->fork([self::forkTest(16, ForkAnswer::Resists)])->likely;
        $twice = $this->fork([self::forkTest(16, ForkAnswer::Resists), self::forkTest(17, ForkAnswer::Resists)])->likely ?? \INF;

        self::assertGreaterThan(8.2, $once);
        self::assertGreaterThan(14.0, $twice);
        $soon = [self::forkTest(5.5, ForkAnswer::FallsApart), self::forkTest(6.25, ForkAnswer::FallsApart)];
        self::assertLessThan(6.0, $this->fork($soon)->likely);
    }

    public function testAHundredAnswersAtOneMinuteAndSomeThatContradictEachOtherLeaveAWindow(): void
    {
        $many = array_map(static fn (int $n): Evidence => self::forkTest(7.0, ForkAnswer::cases()[$n % 4]), range(0, 99));
        foreach ([$many, [self::forkTest(6.0, ForkAnswer::FallsApart), self::forkTest(9.0, ForkAnswer::Resists)]] as $evidence) {
            $run = $this->outcome($evidence);
            $window = $run->doneness(Doneness::Fork);

            self::assertEqualsWithDelta(1.0, array_sum($run->weights), 1e-9);
            self::assertNotNull($window->likely);
            self::assertLessThanOrEqual($window->likely, $window->earliest);
        }
    }

    public function testTwoRightAnswersOutweighAWrongOne(): void
    {
        $right = [self::forkTest(9.5, ForkAnswer::SlidesIn), self::forkTest(9.6, ForkAnswer::SlidesIn)];
        $honest = (float) $this->fork($right)->likely;
        $wrong = (float) $this->fork([self::forkTest(9.0, ForkAnswer::Resists), ...$right])->likely;

        self::assertLessThan(9.5, $wrong);
        self::assertGreaterThan($honest, $wrong);
    }

    public function testEvidenceThatContradictsMostMembersIsResampled(): void
    {
        $run = $this->outcome([self::forkTest(11.5, ForkAnswer::Resists)]);

        self::assertCount(Ensemble::MEMBERS, $run->weights);
        self::assertGreaterThanOrEqual(20, $run->effectiveMembers());
        self::assertEqualsWithDelta(1.0, array_sum($run->weights), 1e-9);
    }

    public function testWhatIsNotReachedWithinTheHorizonIsNull(): void
    {
        $window = Ensemble::draw(new Spread())->run(new Simulation(), Cooks::chuck(), 8.0)->doneness(Doneness::Fork);

        self::assertNotNull($window->earliest);
        self::assertNull($window->latest);
    }

    private static function forkTest(float $hour, ForkAnswer $answer): ForkTest
    {
        return new ForkTest(Duration::hours($hour), $answer);
    }

    /** @param list<Evidence> $evidence */
    private function fork(array $evidence): Window
    {
        return $this->outcome($evidence)->doneness(Doneness::Fork);
    }

    /** @param list<Evidence> $evidence */
    private function outcome(array $evidence): Outcome
    {
        return Ensemble::draw(new Spread())->run(new Simulation(), Cooks::chuck(), 24.0, $evidence);
    }
}
