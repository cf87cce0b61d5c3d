<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Recipe;

use Pausis\Core\Recipe\Pieces;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PiecesTest extends TestCase
{
    /** @param list<int> $counts */
    #[TestWith(['1,2 kg venison shin in big pieces', 1200.0, [1, 4, 6, 10]])]
    #[TestWith(['900 g beef chuck, cut into cubes', 900.0, [1, 11, 18, 29]])]
    #[TestWith(['1 kg pork shoulder in chunks', 1000.0, [1, 8, 13, 20]])]
    public function testMeatCutUpWithoutANumberIsAskedAbout(string $source, float $grams, array $counts): void
    {
        self::assertSame($counts, Pieces::meantBy($source, $grams));
    }

    #[TestWith(['4 lamb shanks (about 1.6 kg)', 1600.0])]
    #[TestWith(['1.3 kg beef chuck in one piece', 1300.0])]
    #[TestWith(['1.3 kg beef chuck', 1300.0])]
    public function testAWholeOneIsNot(string $source, float $grams): void
    {
        self::assertSame([], Pieces::meantBy($source, $grams));
    }
}
