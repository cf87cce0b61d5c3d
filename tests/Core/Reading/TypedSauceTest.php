<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\TypedQuantity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedSauceTest extends TestCase
{
    /** A litre stands ten centimetres high. */
    #[TestWith(['600 mL', 600.0])]
    #[TestWith(['0.6 l', 600.0])]
    #[TestWith(['850 g', 850.0])]
    #[TestWith(['1.2 kg', 1200.0])]
    #[TestWith(['30 oz', 850.5])]
    #[TestWith(['2 lb', 907.2])]
    #[TestWith(['3.5 cm', 350.0])]
    #[TestWith(['about 35 mm', 350.0])]
    #[TestWith(['2 inches deep', 508.0])]
    #[TestWith(['1½"', 381.0])]
    #[TestWith(['2½ cups', 600.0])]
    public function testIsReadAsItIsSeen(string $typed, float $millilitres): void
    {
        $problems = new Problems();
        self::assertEqualsWithDelta(
            $millilitres, TypedQuantity::sauce($typed, static fn (float $metres): float => 10_000 * $metres, 'left', $problems), 0.1,
        );
        self::assertSame([], $problems->all());
    }

    #[TestWith(['lots'])]
    #[TestWith(['3 cm or so'])]
    #[TestWith(['-2 cm'])]
    public function testAnythingElseIsAskedAgain(string $typed): void
    {
        $problems = new Problems();
        self::assertNull(TypedQuantity::sauce($typed, static fn (float $metres): float => $metres, 'left', $problems));
        self::assertSame('left', $problems->all()[0]->path);
    }
}
