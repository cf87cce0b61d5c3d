<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\AmountReader;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\TakenBack;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TakenBackTest extends TestCase
{
    /** @return iterable<string, array{string, string}> as said, as meant */
    public static function lines(): iterable
    {
        $rows = [
            ['800 g, no, 1 kg lamb shoulder, diced', '1 kg lamb shoulder, diced'],
            ['two onions, sorry, three onions', 'three onions'],
            ['half a litre of stock - wait, 750 ml', '750 ml of stock'],
            ['1 tsp cumin (no, 2 tsp)', '2 tsp cumin'],
            ['a tablespoon of tomato paste, make it two', 'two tablespoon of tomato paste'],
            ['1 tin tomatoes, no 2 tins', '2 tins tomatoes'],
            ['2 carrots, no peel', '2 carrots, no peel'],
            ['3 onions, rather large', '3 onions, rather large'],
            ['salt, no pepper', 'salt, no pepper'],
            ['no, 2 onions', 'no, 2 onions'],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('lines')]
    public function testWhatIsMeant(string $said, string $meant): void
    {
        $taken = new TakenBack(new AmountReader());

        self::assertSame($meant, $taken->meant($said));
        self::assertSame($said !== $meant, $taken->isIn($said));
    }

    public function testTheLineStaysAsItIsWritten(): void
    {
        $read = (new IngredientReader(Larder::load(), Cuts::load()))->read('800 g, no, 1 kg lamb shoulder', 3);

        self::assertSame('800 g, no, 1 kg lamb shoulder', $read->source);
        self::assertSame(1000.0, $read->grams);
        self::assertSame('lamb-shoulder', $read->cut?->id);
    }
}
