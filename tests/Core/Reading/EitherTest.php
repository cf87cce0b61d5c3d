<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\Either;
use Pausis\Core\Reading\IngredientReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EitherTest extends TestCase
{
    #[TestWith(['300 ml red wine, or beef stock if you like', 'red wine', 'beef stock', 300.0])]
    #[TestWith(['red wine if you like, else stock, 300 ml', 'red wine', 'stock', 300.0])]
    #[TestWith(['1 cup dry white wine or chicken broth', 'dry white wine', 'chicken broth', 250.0])]
    #[TestWith(['200 ml red wine (optional)', 'red wine', 'stock', 200.0])]
    #[TestWith(['150ml dry sherry (or use stock)', 'dry sherry', 'stock', 150.0])]
    #[TestWith(['250 ml red wine or white wine', 'red wine', 'white wine', 250.0])]
    public function testWineThatIsLeftToTheCookIsWineOrAsMuchOfTheOther(
        string $line, string $first, string $other, float $millilitres,
    ): void {
        $either = Either::of($this->reader()->read($line)->identified('i3'), $this->reader());

        self::assertNotNull($either);
        self::assertSame([$first, $other], [$either->first->foodText, $either->other->foodText]);
        self::assertEqualsWithDelta($millilitres, $either->other->millilitres, 1.0);
        self::assertFalse($either->first->optional || $either->other->optional);
        self::assertSame('either:i3', $either->key());
        self::assertSame('i3', $either->other->key(), 'it stands for the same line');
    }

    #[TestWith(['300 ml red wine'])]
    #[TestWith(['500 ml beef stock or water'])]
    #[TestWith(['2 onions or shallots'])]
    #[TestWith(['parsley, if you like'])]
    public function testNothingElseIsAChoice(string $line): void
    {
        self::assertNull(Either::of($this->reader()->read($line), $this->reader()));
    }

    private function reader(): IngredientReader
    {
        return new IngredientReader(Larder::load(), Cuts::load());
    }
}
