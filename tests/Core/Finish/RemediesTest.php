<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Finish;

use Pausis\Core\Finish\Remedies;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;
use Pausis\Core\Finish\Trouble;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RemediesTest extends TestCase
{
    /** @return iterable<string, array{Trouble, array<string, float>}> for 800 g of sauce at 1.0 %, of which there were 1 L */
    public static function amounts(): iterable
    {
        // From runs off to coats: 1.6 % of 800 g and of its own water.
        yield 'too thin' => [Trouble::TooThin, ['grams' => 13.22, 'coldMl' => 26.45]];
        // 3.0 / 1.6 of it.
        yield 'too thick' => [Trouble::TooThick, ['ml' => 700.0]];
        yield 'boiled too far' => [Trouble::OverReduced, ['ml' => 200.0]];
        // It is said to be salty: 1.4 % at least. To 1.0 %.
        yield 'too salty' => [Trouble::TooSalty, ['ml' => 320.0, 'grams' => 5.12, 'percent' => 1.0]];
        yield 'too sour' => [Trouble::TooSour, ['grams' => 4.8, 'butterGrams' => 16.0]];
        yield 'too sweet' => [Trouble::TooSweet, ['ml' => 8.0]];
        yield 'bland' => [Trouble::Bland, ['grams' => 3.0, 'ml' => 4.0]];
        yield 'greasy' => [Trouble::Greasy, ['spoonMl' => 75.0, 'chilledMl' => 95.0]];
        yield 'split' => [Trouble::Split, ['grams' => 6.4, 'coldMl' => 12.8]];
        yield 'dry' => [Trouble::MeatDry, ['ml' => 266.7]];
        yield 'scorched, which can’t be mended' => [Trouble::Scorched, []];
    }

    /** @param array<string, float> $expected */
    #[DataProvider('amounts')]
    public function testAmountsAreForThisPot(Trouble $trouble, array $expected): void
    {
        $remedies = new Remedies(800.0, 0.010, 1000.0, 92.0, 3.0, Thickness::CoatsSpoon, Thickener::CornStarch);
        $amounts = $remedies->for($trouble);

        self::assertSame(array_keys($expected), array_keys($amounts));
        foreach ($expected as $of => $amount) {
            self::assertEqualsWithDelta($amount, $amounts[$of], 0.01 * $amount, $of);
        }
    }

    public function testWhatIsAsThickAsItGetsIsThinnedAllTheSame(): void
    {
        $remedies = new Remedies(800.0, 0.010, 700.0, 0.0, 0.0, Thickness::Stew, Thickener::CornStarch);

        self::assertEqualsWithDelta(80.0, $remedies->for(Trouble::TooThick)['ml'], 0.01);
        self::assertEqualsWithDelta(80.0, $remedies->for(Trouble::OverReduced)['ml'], 0.01);
    }
}
