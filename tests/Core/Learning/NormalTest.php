<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning;

use Pausis\Core\Learning\Normal;
use PHPUnit\Framework\TestCase;

final class NormalTest extends TestCase
{
    public function testKnownValues(): void
    {
        self::assertEqualsWithDelta(0.5, Normal::cumulative(0), 1e-6);
        self::assertEqualsWithDelta(0.975, Normal::cumulative(1.959964), 1e-6);
        self::assertEqualsWithDelta(-1.281552, Normal::quantile(0.1), 1e-6);
        self::assertEqualsWithDelta(3.090232, Normal::quantile(0.999), 1e-6);
    }

    public function testQuantileInvertsCumulative(): void
    {
        for ($x = -3.5; $x <= 3.5; $x += 0.25) {
            self::assertEqualsWithDelta($x, Normal::quantile(Normal::cumulative($x)), 2e-3);
        }
    }

    public function testThereIsNoQuantileOfCertainty(): void
    {
        $this->expectException(\DomainException::class);
        Normal::quantile(1.0);
    }
}
