<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\LedgerChoices;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Recipe\Ingredient;
use PHPUnit\Framework\TestCase;

/** Keys of the ledger turned into what is done with the liquids. */
final class LedgerChoicesTest extends TestCase
{
    public function testNothingRefusedWishesNothing(): void
    {
        $wishes = (new LedgerChoices())->liquids(self::pot());

        self::assertSame(
            [[], [], [], true, true], [$wishes->fixed, $wishes->unboiled, $wishes->early, $wishes->addsWater, $wishes->reduces],
        );
    }

    public function testARefusedCutFixesTheRecipesOwnAmountAndASetAmountWinsOverIt(): void
    {
        $refused = new LedgerChoices(['liquid:beef stock']);
        self::assertSame(['beef stock' => 700.0], $refused->liquids(self::pot())->fixed);

        $set = new LedgerChoices(['liquid:beef stock'], ['liquid:beef stock' => 450.0]);
        self::assertSame(['beef stock' => 450.0], $set->liquids(self::pot())->fixed);
        self::assertSame([450.0, null], [$set->amount('liquid:beef stock'), $set->amount('liquid:red wine')]);
    }

    public function testBoilingDownIsRefusedByFoodOrForWantOfAPan(): void
    {
        self::assertSame(['red wine'], (new LedgerChoices(['boil:red wine']))->liquids(self::pot())->unboiled);
        self::assertContains('red wine', (new LedgerChoices())->liquids(self::pot(), hasPan: false)->unboiled);
    }

    public function testDairyMayGoInEarlyAndWaterAndReductionMayBeRefused(): void
    {
        $wishes = (new LedgerChoices(['late:cream', 'add-liquid', 'reduce']))->liquids(self::pot());

        self::assertSame([['cream'], false, false], [$wishes->early, $wishes->addsWater, $wishes->reduces]);
    }

    public function testAnEmptyKeyIsNeverRefused(): void
    {
        self::assertFalse((new LedgerChoices(['']))->refuses(''));
        self::assertFalse((new LedgerChoices(['skim']))->refuses('reduce'));
        self::assertTrue((new LedgerChoices(['skim']))->refuses('skim'));
    }

    public function testASetAmountForAFoodThatIsNotPouredChangesNothing(): void
    {
        self::assertSame([], (new LedgerChoices(['liquid:carrots'], ['liquid:onions' => 100.0]))->liquids(self::pot())->fixed);
    }

    /** @return list<Ingredient> */
    private static function pot(): array
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());

        return array_map(
            static fn (string $line): Ingredient => $reader->read($line),
            ['2 onions', '3 carrots', '250 ml red wine', '700 ml beef stock', '100 ml cream'],
        );
    }
}
