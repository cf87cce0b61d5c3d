<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\TypedQuantity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedQuantityTest extends TestCase
{
    #[TestWith(['1.3', 1.3])]
    #[TestWith(['1,3 kg', 1.3])]
    #[TestWith(['1300g', 1.3])]
    #[TestWith(['2½ lb', 1.134])]
    #[TestWith(['3 lb 4 oz', 1.474])]
    #[TestWith(['2 1/2 pounds', 1.134])]
    public function testWeights(string $typed, float $kilograms): void
    {
        $problems = new Problems();

        self::assertEqualsWithDelta($kilograms, TypedQuantity::kilograms($typed, 'weight', $problems), 0.001);
        self::assertTrue($problems->none());
    }

    #[TestWith(['9', 9.0])]
    #[TestWith(['85 mm', 8.5])]
    #[TestWith(['3½ in', 8.89])]
    public function testLengths(string $typed, float $centimetres): void
    {
        self::assertEqualsWithDelta($centimetres, TypedQuantity::centimetres($typed, 'thickness', new Problems()), 0.001);
    }

    #[TestWith(['5', 5.0])]
    #[TestWith(['41 F', 5.0])]
    #[TestWith(['-18 °C', -18.0])]
    public function testTemperatures(string $typed, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, TypedQuantity::celsius($typed, 'start', new Problems()), 0.001);
    }

    public function testVolumesAndHours(): void
    {
        self::assertEqualsWithDelta(600, TypedQuantity::millilitres('2½ cups', 'left', new Problems()), 0.001);
        self::assertEqualsWithDelta(2.5, TypedQuantity::hours('2 h 30 min', 'hours', new Problems()), 0.001);
    }

    #[TestWith(['a big one'])]
    #[TestWith(['1.3 kgs of it'])]
    #[TestWith([''])]
    #[TestWith(['1.3.4.5'])]
    #[TestWith(['999999999999999999'])]
    public function testWhatIsNotUnderstoodIsSaid(string $typed): void
    {
        $problems = new Problems();

        self::assertNull(TypedQuantity::kilograms($typed, 'weight', $problems));
        self::assertSame('mass-not-understood', $problems->all()[0]->code);
    }
}
