<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Adaptation\Evaluate\Chore;
use Pausis\Core\Recipe\TakeOut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a careful cook would expect of each of the twenty dishes: what is done in which order and how long, liquid, starch, and what comes
 * out.
 */
final class DishesAsExpectedTest extends TestCase
{
    private const MINUTES = 0.2;
    private const LIQUID = 0.1;
    private const STARCH = 0.2;
    /** The same of every dish. */
    private const ALWAYS = ['fork-test', 'plate', 'portion', 'into-fridge'];

    /**
     * @return iterable<string, array{array<string, int>, float, float, list<string>}> minutes by work in order, mL to load, g of starch,
     *                                                                                 what comes out
     */
    public static function dishes(): iterable
    {
        yield 'beans-and-hock' => [[
            'night-soak' => 5, 'cut-vegetables' => 4, 'beans-on' => 5, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4,
            'shred-meat' => 6, 'blend-sauce' => 5, 'back-in' => 5,
        ], 520.0, 0.0, ['bones']];
        yield 'blanched-oxtail' => [[
            'cut-vegetables' => 4, 'blanch' => 15, 'load' => 5, 'add-i4' => 5, 'strain-and-skim' => 4,
        ], 600.0, 0.0, []];
        yield 'blended-sauce' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 10, 'load' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'blend-sauce' => 5, 'sieve' => 4, 'cream-in' => 2,
        ], 375.0, 0.0, ['bouquet garni']];
        yield 'cold-start' => [[
            'cut-vegetables' => 4, 'load' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
        ], 398.0, 0.0, ['rosemary']];
        yield 'curry-toasted' => [[
            'cut-vegetables' => 4, 'toast-spices' => 3, 'mix' => 4, 'fry-base' => 12, 'load' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'reduce' => 3, 'cream-in' => 2,
        ], 400.0, 0.0, ['cinnamon stick']];
        yield 'forty-acts' => [[
            'cut-vegetables' => 8, 'fry-base' => 8, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'strain-and-skim' => 4,
        ], 410.0, 0.0, []];
        yield 'green-sauce-beside' => [[
            // The peppers come from a jar.
            'cut-vegetables' => 2, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'strain-and-skim' => 4,
            'side-work' => 10,
        ], 275.0, 0.0, []];
        yield 'lid-off-last-hour' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 8, 'boil-wine-down' => 7, 'load' => 5,
            'strain-and-skim' => 4, 'reduce' => 14,
        ], 408.0, 0.0, []];
        yield 'marinated-venison' => [[
            'night-marinate' => 10, 'cut-vegetables' => 2, 'dry-meat' => 3, 'render' => 8, 'brown-meat' => 8,
            'boil-wine-down' => 12, 'heat-up' => 8, 'load' => 5, 'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 8,
        ], 375.0, 27.0, []];
        yield 'no-finish' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 8, 'boil-wine-down' => 8, 'load' => 5,
            'strain-and-skim' => 4,
        ], 375.0, 0.0, []];
        yield 'plain-chuck' => [[
            'cut-vegetables' => 6, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 10, 'boil-wine-down' => 6, 'load' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'slurry' => 2,
        ], 510.0, 8.0, ['bay leaves']];
        yield 'pressure-way' => [[
            'cut-vegetables' => 8, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'strain-and-skim' => 4,
        ], 430.0, 0.0, []];
        yield 'pulled-pork' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'load' => 5, 'lift-out' => 5, 'shred-meat' => 11,
            'strain-and-skim' => 4, 'reduce' => 18, 'back-in' => 10,
        ], 130.0, 0.0, []];
        yield 'reduced-hard' => [[
            'cut-vegetables' => 1, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-apart' => 8, 'boil-wine-down' => 8, 'load' => 5,
            'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 10, 'take-out' => 2, 'reduce' => 27,
        ], 810.0, 0.0, ['star anise']];
        yield 'salted-ahead' => [[
            'night-salt' => 5, 'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 8, 'load' => 5,
            'add-i3' => 5, 'heat-oven' => 15, 'lift-out' => 5, 'strain-and-skim' => 4, 'reduce' => 3, 'crisp' => 10,
        ], 130.0, 0.0, []];
        yield 'second-meal' => [[
            'cut-vegetables' => 5, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'strain-and-skim' => 4,
            'shred-meat' => 12, 'put-aside' => 5,
        ], 155.0, 0.0, []];
        yield 'slow-ribs' => [[
            'cut-vegetables' => 4, 'dry-meat' => 3, 'brown-meat' => 8, 'load' => 5, 'heat-oven' => 5, 'lift-out' => 5,
            'strain-and-skim' => 4, 'reduce' => 8, 'glaze' => 3, 'crisp' => 5,
        ], 300.0, 0.0, []];
        yield 'stew-carrots-late' => [[
            'cut-vegetables' => 11, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 8, 'load' => 5, 'add-i3' => 5,
            'add-i4' => 5, 'take-out' => 2, 'strain-and-skim' => 4,
        ], 590.0, 0.0, ['thyme']];
        yield 'tied-brisket-mash' => [[
            'cut-vegetables' => 5, 'dry-meat' => 3, 'brown-meat' => 8, 'fry-base' => 15, 'load' => 5, 'take-out' => 2,
            'lift-out' => 5, 'strain-and-skim' => 4, 'rest-meat' => 15, 'carve-meat' => 7, 'side-cut' => 12, 'side-work' => 20,
            'side-work-2' => 5, 'side-work-3' => 10,
        ], 180.0, 0.0, ['string', 'parsley stalks']];
        yield 'warmed-insert' => [[
            'cut-vegetables' => 4, 'warm-insert' => 2, 'load' => 5, 'add-i3' => 5, 'strain-and-skim' => 4,
        ], 250.0, 0.0, []];
    }

    /**
     * @param array<string, int> $work
     * @param list<string>       $out
     */
    #[DataProvider('dishes')]
    public function testItIsDoneAsACarefulCookWould(array $work, float $load, float $starch, array $out): void
    {
        $braise = Dishes::adapted((string) $this->dataName());
        $chores = array_values(array_filter(
            $braise->chosen->work->chores, static fn (Chore $c): bool => !\in_array($c->id, self::ALWAYS, true),
        ));

        self::assertSame(array_keys($work), array_map(static fn (Chore $c): string => $c->id, $chores));
        foreach ($chores as $chore) {
            self::assertEqualsWithDelta($work[$chore->id], $chore->minutes, max(1.0, self::MINUTES * $work[$chore->id]), $chore->id);
        }
        self::assertEqualsWithDelta($load, $braise->chosen->sauce->load, self::LIQUID * $load, 'mL to load');
        self::assertEqualsWithDelta($starch, $braise->chosen->slurry->grams, self::STARCH * $starch + 0.1, 'g of starch');
        self::assertSame($out, array_map(static fn (TakeOut $t): string => $t->name, $braise->order->toTakeOut()));
    }

    public function testEveryDishIsExpected(): void
    {
        self::assertSame(array_keys([...Dishes::names()]), array_keys([...self::dishes()]));
    }
}
