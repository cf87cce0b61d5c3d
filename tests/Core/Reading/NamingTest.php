<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Naming;
use Pausis\Core\Recipe\Ingredient;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NamingTest extends TestCase
{
    private const LINES = [
        '1 kg beef shin', '2 large onions', '3 carrots', '400 ml beef stock', '2 tins tomatoes', '1 tsp fennel seeds',
        '200 g crème fraîche', '1 green pepper', '1 tsp ground black pepper', '2 tbsp brown sugar', '1 lime, juice',
    ];

    /** @return iterable<string, array{string, list<int>}> sentence, places in LINES */
    public static function sentences(): iterable
    {
        $rows = [
            ['Brown the meat on all sides.', [0]],
            ['Put the joint back.', [0]],
            ['Brown the beef.', [0]],
            ['Fry the onions and the carrots.', [1, 2]],
            ['Stir the chopped onion in.', [1]],
            ['Pour in the stock and the tomatoes.', [3, 4]],
            ['Crush the fennel seeds.', [5]],
            ['Stir in the creme fraiche.', [6]],
            ['Season with salt and pepper.', [8]],
            ['Slice the green pepper.', [7]],
            ['Stir in the brown sugar.', [9]],
            ['Spoon the juices over.', []],
            ['Peel off the skin.', []],
            ['Cover and cook until done.', []],
            ['Carrotcake is for later.', []],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param list<int> $places */
    #[DataProvider('sentences')]
    public function testASentenceNamesIngredientsByWhatTheRecipeCallsThem(string $sentence, array $places): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());
        $naming = new Naming(array_map(static fn (string $line): Ingredient => $reader->read($line), self::LINES));

        self::assertSame($places, $naming->in($sentence));
    }

    public function testWithoutIngredientsNothingIsNamed(): void
    {
        self::assertSame([], (new Naming([]))->in('Brown the meat.'));
    }
}
