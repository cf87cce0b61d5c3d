<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Misheard;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Reading\WishReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Wish;
use Pausis\Core\Recipe\WishKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WishReaderTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{string, float, list<string>}>}> kind, by, foods of each */
    public static function wishes(): iterable
    {
        yield 'three in one line' => ['half an hour longer, less wine; cut larger', [
            ['longer', 30.0, []], ['amount', 0.75, ['red wine']], ['pieces', 1.0, []],
        ]];
        yield 'joined by and' => ['Less wine and a bit more stock.', [['amount', 0.75, ['red wine']], ['amount', 1.15, ['stock']]]];
        yield 'said of the meat' => ['The meat was still tough', [['longer', 30.0, []]]];
        yield 'hours' => ["1 h 30 longer\nnot so long", [['longer', 90.0, []], ['longer', -30.0, []]]];
        yield 'minutes less' => ['20 minutes less', [['longer', -20.0, []]]];
        yield 'a little' => ['needs a little longer', [['longer', 15.0, []]]];
        yield 'salt' => ['less salt', [['amount', 0.75, ['salt']]]];
        yield 'too salty' => ['too salty', [['amount', 0.75, ['salt']]]];
        yield 'a decimal is no end of a sentence' => ['cook 1.5 hours longer', [['longer', 90.0, []]]];
        yield 'an amount' => ['100 ml less wine', [['amount', -1.0, ['red wine']]]];
        yield 'half' => ['half the prunes', [['amount', 0.5, ['prunes']]]];
        yield 'twice' => ['twice as many carrots', [['amount', 2.0, ['carrots']]]];
        yield 'none' => ['leave out the prunes', [['without', 0.0, ['prunes']]]];
        yield 'two foods' => ['fewer prunes and carrots', [['amount', 0.75, ['carrots', 'prunes']]]];
        yield 'the pieces of one' => ['cut the carrots smaller', [['pieces', -1.0, ['carrots']]]];
        yield 'the pieces of none that is there' => ['cut the parsnips smaller', [['note', 0.0, []]]];
        yield 'the pieces of the meat' => ['cut the meat larger', [['pieces', 1.0, []]]];
        yield 'sauce' => ['more sauce, thicker sauce', [['sauce', 1.0, []], ['thickness', 1.0, []]]];
        yield 'thinner' => ['thinner gravy', [['thickness', -1.0, []]]];
        yield 'a setting' => ['on Low', [['setting', 0.0, []]]];
        yield 'texture' => ['softer', [['texture', 1.0, []]]];
        yield 'a thought' => ['serve it with the good bread', [['note', 0.0, []]]];
        yield 'nothing' => [" \n ; ", []];
    }

    /** @param list<array{string, float, list<string>}> $expected */
    #[DataProvider('wishes')]
    public function testCooksWordsAreUnderstood(string $text, array $expected): void
    {
        $ingredients = $this->ingredients();
        $found = array_map(static fn (Wish $w): array => [
            $w->kind->value, $w->by, array_map(static fn (int $k): string => $ingredients[$k]->foodText, $w->foods),
        ], (new WishReader(new StepReader(Misheard::load())))->read($text, $ingredients));

        self::assertSame($expected, $found);
    }

    public function testAnAmountThatIsNamedIsKeptAsWritten(): void
    {
        [$wish] = (new WishReader(new StepReader(Misheard::load())))->read('100 ml less wine', $this->ingredients());

        self::assertSame('100 ml', $wish->more);
        self::assertSame(WishKind::Amount, $wish->kind);
    }

    /** @return list<Ingredient> */
    private function ingredients(): array
    {
        return array_map(static fn (string $line): Ingredient => (new IngredientReader(Larder::load(), Cuts::load()))->read($line), [
            '1.5 kg oxtail', '400 ml red wine', '500 ml stock', '3 carrots', '100 g prunes', '2 tsp salt', '2 onions',
        ]);
    }
}
