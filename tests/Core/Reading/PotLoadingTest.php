<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\PotLoading;
use Pausis\Core\Reading\RecipeReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What goes in hot, into a warm insert, and what lies lowest, by the recipe's own words. */
final class PotLoadingTest extends TestCase
{
    private const LIST = "Test dish\nServes 4\n\n1.2 kg pork shoulder\n2 onions\n300 g carrots\n400 ml stock\n800 g potatoes\n\nMethod\n\n";

    #[TestWith(['Put all in. Pour over the hot stock. Cook on low for 8 hours.', true, false, false])]
    #[TestWith(['Bring the stock to the boil and pour it over. Cook on low for 8 hours.', true, false, false])]
    #[TestWith(['Put the pork in with the cold stock. Cook on low for 8 hours.', false, false, false])]
    #[TestWith(['Rinse out the crock with boiling water. Put all in. Cook on low for 8 hours.', false, true, false])]
    #[TestWith(['Pork in first, the carrots and onions on top. Cook on low for 8 hours.', false, false, true])]
    #[TestWith(['Put the onions in, lay the pork on top. Cook on low for 8 hours.', false, false, false])]
    #[TestWith(['Put all in. Cook on low for 8 hours. Boil the potatoes in hot water.', false, false, false])]
    public function testThePotIsLoadedAsTheRecipeSays(string $method, bool $hot, bool $warm, bool $meatUnder): void
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read(self::LIST.$method, new Problems());
        self::assertNotNull($reading);
        $loading = PotLoading::of($reading->acts, $reading->ingredients);

        self::assertSame([$hot, $warm, $meatUnder], [$loading->hotLiquid, $loading->warmInsert, $loading->meatUnder]);
    }
}
