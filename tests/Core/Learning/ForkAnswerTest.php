<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Learning\ForkAnswer;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ForkAnswerTest extends TestCase
{
    public function testTheAnswersAreAllThereIs(): void
    {
        foreach (range(0, 30) as $k) {
            $share = $k / 15;
            $sum = array_sum(array_map(static fn (ForkAnswer $a): float => exp($a->logProbability($share)), ForkAnswer::cases()));

            self::assertEqualsWithDelta(1.0, $sum, 1e-9);
        }
    }

    /** Ratio of likelihoods, from which follows that a further answer makes nothing later. */
    public function testOfMoreTenderMeatTheFurtherAnswerIsEverLikelier(): void
    {
        foreach (ForkAnswer::cases() as $k => $answer) {
            $further = ForkAnswer::cases()[$k + 1] ?? null;
            $last = -\INF;
            for ($share = 0.0; null !== $further && $share <= 3.0; $share += 0.05) {
                $ratio = $further->logProbability($share) - $answer->logProbability($share);

                self::assertGreaterThan($last, $ratio);
                $last = $ratio;
            }
        }
        self::assertTrue(is_finite(ForkAnswer::Resists->logProbability(12.0)));
        self::assertTrue(is_finite(ForkAnswer::FallsApart->logProbability(0.0)));
    }

    #[TestWith([ForkAnswer::Gives, 0.90])]
    #[TestWith([ForkAnswer::SlidesIn, 0.97])]
    #[TestWith([ForkAnswer::FallsApart, 1.30])]
    public function testAtItsThresholdAnAnswerOrAFurtherOneIsAsLikelyAsNot(ForkAnswer $answer, float $threshold): void
    {
        $from = (int) array_search($answer, ForkAnswer::cases(), true);
        $reached = static fn (float $share): float => array_sum(array_map(
            static fn (ForkAnswer $a): float => exp($a->logProbability($share)), \array_slice(ForkAnswer::cases(), $from),
        ));

        self::assertEqualsWithDelta(0.5, $reached($threshold), 1e-9);
        self::assertEqualsWithDelta(0.807, $reached($threshold + 0.10), 0.001);
    }
}
