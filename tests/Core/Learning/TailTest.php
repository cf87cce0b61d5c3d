<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Learning\Normal;
use Pausis\Core\Learning\Tail;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TailTest extends TestCase
{
    /** Percentiles of Student's distribution of four degrees of freedom, as tabled. */
    #[TestWith([0.5, 0.0])]
    #[TestWith([0.9, 1.5332])]
    #[TestWith([0.975, 2.7764])]
    #[TestWith([0.999, 7.1732])]
    #[TestWith([0.1, -1.5332])]
    public function testItsPercentilesAreThoseOfTheTables(float $p, float $t): void
    {
        self::assertEqualsWithDelta($t / \M_SQRT2, Tail::of(0.5 === $p ? 1e-9 : Normal::quantile($p)), 0.01);
    }

    public function testItsDensityFallsSlowerThanTheNormalOne(): void
    {
        self::assertGreaterThan(-4.0 ** 2 / 2, Tail::logDensity(4.0) - Tail::logDensity(0.0));
        self::assertSame(Tail::logDensity(-2.0), Tail::logDensity(2.0));
    }
}
