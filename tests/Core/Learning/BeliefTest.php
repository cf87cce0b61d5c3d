<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Covariance;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BeliefTest extends TestCase
{
    public function testWhatIsToldOfASumIsSharedByTheVarianceOfEach(): void
    {
        $belief = Belief::none()->with('heat pot', 0.1)->with('need chuck', 0.1)
            ->after([['heat pot']], [0.03], [0.08], new Covariance([[0.02]]));

        self::assertEqualsWithDelta(0.02, $belief->mean('heat pot'), 1e-9, 'a quarter of the variance was its own');
        self::assertEqualsWithDelta(sqrt(0.01 - (0.01 / 0.04) ** 2 * 0.02), $belief->sigma('heat pot'), 1e-9);
        self::assertSame(0.0, $belief->mean('need chuck'));
    }

    public function testTwoThatWereToldTogetherAreKeptTogether(): void
    {
        // Their difference is known, the two are not: measuring one tells the other.
        $belief = Belief::none()->with('a', 0.1)->with('b', 0.1)->after(
            [['a'], ['b']], [0.0, 0.0], [0.0, 0.0], new Covariance([[0.0051, 0.0049], [0.0049, 0.0051]]),
        );
        self::assertEqualsWithDelta(0.0049, $belief->together('a', 'b'), 1e-9);
        $measured = $belief->measured('a', 0.05, 0.01);

        self::assertEqualsWithDelta(0.05, $measured->mean('a'), 1e-9);
        self::assertEqualsWithDelta(0.05 * 49 / 51, $measured->mean('b'), 1e-9);
        self::assertEqualsWithDelta(0.01, $measured->sigma('a'), 1e-9);
        self::assertLessThan(0.03, $measured->sigma('b'));
    }

    public function testASumOfTwoIsSharedByWhatIsKnownOfEach(): void
    {
        $belief = Belief::none()->with('need', 0.05)->with('need chuck', 0.10)->after(
            [['need', 'need chuck']], [0.0], [0.05], new Covariance([[0.0025]]),
        );

        self::assertEqualsWithDelta(0.01, $belief->mean('need'), 1e-9, 'a fifth of the variance');
        self::assertEqualsWithDelta(0.04, $belief->mean('need chuck'), 1e-9);
        self::assertEqualsWithDelta(0.0025, $belief->of([['need', 'need chuck']], [0.0])->rows[0][0], 1e-9);
        self::assertLessThan(0.0, $belief->together('need', 'need chuck'), 'more of one is less of the other');
    }

    public function testWhatIsReopenedIsAsUnsureAsAtFirstAroundWhereItWas(): void
    {
        $belief = Belief::none()->with('a', 0.1)->with('b', 0.1)->after(
            [['a'], ['b']], [0.0, 0.0], [0.05, 0.0], new Covariance([[0.001, 0.0005], [0.0005, 0.001]]),
        )->surprised('a', 2);
        $open = $belief->reopened('a');

        self::assertEqualsWithDelta(0.05, $open->mean('a'), 1e-9);
        self::assertEqualsWithDelta(0.1, $open->sigma('a'), 1e-9);
        self::assertSame(0.0, $open->together('a', 'b'));
        self::assertSame(0, $open->cooks('a'));
        self::assertSame(2, Belief::kept($open->toKeep())->surprises('a'));
        self::assertSame(0, $open->surprised('a', 0)->surprises('a'));
        self::assertSame(0, $open->without('a')->surprises('a'));
    }

    public function testForgettingGoesHalfwayToThePriorInThirtyCooks(): void
    {
        $belief = Belief::none()->with('a', 0.2)->measured('a', 0.1, 0.05);
        for ($cook = 0; $cook < 30; ++$cook) {
            $belief = $belief->oneCookOn(['a']);
        }

        self::assertEqualsWithDelta(0.05, $belief->mean('a'), 1e-9);
        self::assertEqualsWithDelta((0.05 ** 2 + 0.2 ** 2) / 2, $belief->sigma('a') ** 2, 1e-9);
        self::assertSame(30, $belief->cooks('a'));
    }

    public function testWhatIsKeptComesBack(): void
    {
        $belief = Belief::none()->with('a', 0.1)->with('b', 0.2)->after(
            [['a'], ['b']], [0.0, 0.01], [0.05, -0.02], new Covariance([[0.004, 0.001], [0.001, 0.03]]),
        );
        $again = Belief::kept($belief->toKeep());

        self::assertEqualsWithDelta($belief->together('a', 'b'), $again->together('a', 'b'), 1e-8);
        self::assertEquals($belief->toKeep(), $again->toKeep());
        self::assertSame([], $again->without('a')->without('b')->means);
    }

    /** @param array<string, mixed> $kept */
    #[TestWith([[]])]
    #[TestWith([['factors' => 'all', 'correlations' => 3]])]
    #[TestWith([['factors' => ['heat pot' => ['mean' => 'warm', 'sigma' => 0.1, 'prior' => 0.1, 'cooks' => 1]]]])]
    #[TestWith([['factors' => ['heat pot' => ['mean' => 0.1, 'sigma' => -1, 'prior' => 0.1, 'cooks' => 1]]]])]
    #[TestWith([['factors' => ['heat pot' => ['mean' => 1e999, 'sigma' => 1, 'prior' => 0.1, 'cooks' => 1]]]])]
    public function testWhatWasKeptAmissCountsAsNotKnown(array $kept): void
    {
        self::assertSame([], Belief::kept($kept)->means);
    }

    public function testACooksEvidenceNeverMakesItSurerThanNothing(): void
    {
        $belief = Belief::none()->with('a', 0.1);
        for ($cook = 0; $cook < 100; ++$cook) {
            $belief = $belief->after([['a']], [0.0], [0.3 * (-1) ** $cook], new Covariance([[1e-15]]));
        }

        self::assertGreaterThan(0.0, $belief->sigma('a'));
        self::assertTrue(is_finite($belief->mean('a')));
    }

    public function testARootTimesItselfIsTheMatrix(): void
    {
        $rows = [[0.04, 0.01, 0.0], [0.01, 0.09, -0.02], [0.0, -0.02, 0.01]];
        $root = (new Covariance($rows))->root();
        foreach ($rows as $i => $row) {
            foreach ($row as $j => $value) {
                self::assertEqualsWithDelta(
                    $value, array_sum(array_map(static fn (int $k): float => $root[$i][$k] * $root[$j][$k], [0, 1, 2])), 1e-12,
                );
            }
        }
        $solved = (new Covariance($rows))->solve([1.0, 2.0, 3.0]);
        self::assertEqualsWithDelta(2.0, array_sum(array_map(static fn (float $a, float $x): float => $a * $x, $rows[1], $solved)), 1e-9);
    }
}
