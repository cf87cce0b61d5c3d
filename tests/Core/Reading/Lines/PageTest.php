<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading\Lines;

use Pausis\Core\Reading\Lines\Cutter;
use Pausis\Core\Reading\Lines\Flow;
use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\Page;
use Pausis\Training\Corpus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts put into the order in which they are read, and cut into lines: every piece knows its bytes. */
final class PageTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> text, its lines as they are read */
    public static function texts(): iterable
    {
        yield 'columns, one after the other' => [
            "Ingredients            Method\n2 lb beef chuck        1. Brown the beef.\n2 onions, sliced       2. Add the onions.\n"
            ."3 carrots              3. Cook for 3 hours.\n300 ml stock           4. Rest it.\n1 tbsp oil             5. Serve.\n",
            [
                'Ingredients', '2 lb beef chuck', '2 onions, sliced', '3 carrots', '300 ml stock', '1 tbsp oil', 'Method',
                'Brown the beef.', 'Add the onions.', 'Cook for 3 hours.', 'Rest it.', 'Serve.',
            ],
        ];
        yield 'captions: clocks left, what is said whole' => [
            "0:01\nso you want about two\n0:04\nkilos of shin.\n0:08\nbrown it all over\n0:12\nand add the wine.\n0:15\n"
            ."three hours at 150\n",
            ['so you want about two kilos of shin.', 'brown it all over and add the wine.', 'three hours at 150'],
        ];
        yield 'dictated stops' => [
            '1 kg shin comma diced new line brown the meat full stop add the onions full stop cook for 3 hours full stop',
            ['1 kg shin, diced', 'brown the meat.', 'add the onions.', 'cook for 3 hours.'],
        ];
        yield 'wrapped lines' => [
            "Brown the beef in the oil in a large casserole over a high heat, turning it\n"
            ."until it is dark all over and the pan is brown, and soften the onions in the fat.\n",
            ['Brown the beef in the oil in a large casserole over a high heat, turning it until it is dark all over and the pan is brown,'
            .' and soften the onions in the fat.'],
        ];
        yield 'a list is not wrapped' => ["2 onions\n3 carrots\nsalt\n", ['2 onions', '3 carrots', 'salt']];
        yield 'scanned' => [
            "5OOml stock\n2OOg carrots\nl oz butter\nsrnoked bacon\nrninced beef\nsirnrner for 3 hours\n3 cloves gar1ic\n",
            ['500ml stock', '200g carrots', '1 oz butter', 'smoked bacon', 'minced beef', 'simmer for 3 hours', '3 cloves garlic'],
        ];
        yield 'one "rn" is a word' => ["2 tbsp cornflour\n1 turnip\n1 bay leaf\n", ['2 tbsp cornflour', '1 turnip', '1 bay leaf']];
        yield 'bold and italic marks' => ["**Beef stew**\n- 1 kg **shin**\n1. Brown *well*.\n", ['Beef stew', '1 kg shin', 'Brown well.']];
        yield 'a list run into one line' => [
            '1 kg beef shin, diced2 onions, sliced4 cloves garlic3 tbsp oil',
            ['1 kg beef shin, diced', '2 onions, sliced', '4 cloves garlic', '3 tbsp oil'],
        ];
        yield 'sentences; short words and brackets end none' => [
            'Brown the meat for approx. 10 mins. on each side in the big pan (do not crowd it. Take your time) over heat. Add the wine.',
            [
                'Brown the meat for approx. 10 mins. on each side in the big pan (do not crowd it. Take your time) over heat.',
                'Add the wine.',
            ],
        ];
        yield 'a temperature ends a sentence, a cup does not' => [
            'Heat the oven to 150°C. Dry and salt the shanks well, and brown them in the oil, with 2 c. flour shaken over.'
            .' Or at 140 C. Rest it.',
            [
                'Heat the oven to 150°C.', 'Dry and salt the shanks well, and brown them in the oil, with 2 c. flour shaken over.',
                'Or at 140 C.', 'Rest it.',
            ],
        ];
        yield 'a row of a table that was wrapped, and a line that ends on a number' => [
            "Shoulder of pork, boned, cut in\n 4-cm cubes          1.1 kg     2½ lb\n\ntake the ghee; six\nlarge onions; and salt",
            ['Shoulder of pork, boned, cut in 4-cm cubes          1.1 kg     2½ lb', 'take the ghee; six large onions; and salt'],
        ];
        yield 'a semicolon within a line of the list' => [
            "1 can tomatoes;\n           -chopped, with juice", ['1 can tomatoes; chopped, with juice'],
        ];
        yield 'speech without stops' => [
            'so you get about a kilo of shin and brown it in the big pan with a bit of dripping and pour in half a bottle of stout'
            .' and leave it for three hours in a low oven',
            [
                'so you get about a kilo of shin', 'brown it in the big pan with a bit of dripping', 'pour in half a bottle of stout',
                'leave it for three hours in a low oven',
            ],
        ];
    }

    /** @param list<string> $lines */
    #[DataProvider('texts')]
    public function testIsReadInOrder(string $text, array $lines): void
    {
        $read = array_map(static fn (Line $l): string => $l->said->text, Cutter::lines(Page::flow($text)));

        self::assertSame($lines, $read);
    }

    public function testMarksArePartOfALineButNotOfWhatItSays(): void
    {
        $lines = Cutter::lines(Page::flow("## List\n- 2 onions\n☐ salt\n\n1. Brown it.\n> quoted\n"));

        self::assertSame(['##', '-', '-', '1', '>'], array_column($lines, 'mark'));
        self::assertSame(['## List', '- 2 onions', '☐ salt', '1. Brown it.', '> quoted'], array_map(
            static fn (Line $l): string => $l->whole->text, $lines,
        ));
        self::assertSame([true, false, false, true, false], array_column($lines, 'opens'));
        self::assertSame([false, false, true, false, true], array_column($lines, 'closes'));
    }

    public function testEachColumnKnowsItsBytes(): void
    {
        $text = "Ingredients            Method\n2 lb beef chuck        1. Brown the beef.\n2 onions, sliced       2. Add the onions.\n"
            ."3 carrots              3. Cook for 3 hours.\n300 ml stock           4. Rest it.\n1 tbsp oil             5. Serve.\n";
        $flow = Page::flow($text);
        $at = (int) strpos($flow->text, 'Add the onions.');

        self::assertSame([[$from = (int) strpos($text, 'Add the onions.'), $from + 15]], $flow->sourceOf($at, $at + 15));
        self::assertSame(3, $flow->lineAt($at));
    }

    public function testAMendedWordStandsForItsBytes(): void
    {
        $text = "5OOml stock\nsrnoked bacon\nrninced beef\nsirnrner it\n";
        $flow = Page::flow($text);
        $at = (int) strpos($flow->text, 'smoked');

        self::assertSame('srnoked', self::source($text, $flow, $at, $at + 6));
    }

    public function testEveryRecipeIsReadWholeAndInsideItsText(): void
    {
        $recipes = Corpus::recipes();
        self::assertGreaterThanOrEqual(210, \count($recipes));
        foreach ($recipes as $recipe) {
            $flow = Page::flow($recipe->text);
            $ranges = [...$flow->left, ...$flow->sourceOf(0, \strlen($flow->text))];
            sort($ranges);
            $end = 0;
            $gaps = '';
            foreach ($ranges as [$from, $to]) {
                self::assertLessThanOrEqual(\strlen($recipe->text), $to, $recipe->name);
                self::assertGreaterThanOrEqual($end, $from, "$recipe->name reads ".substr($recipe->text, $from, 40).' twice');
                $gaps .= substr($recipe->text, $end, $from - $end);
                $end = $to;
            }
            self::assertSame('', (string) preg_replace('/[\s*_-]/u', '', $gaps.substr($recipe->text, $end)), $recipe->name);
        }
    }

    private static function source(string $text, Flow $flow, int $from, int $to): string
    {
        return implode('', array_map(static fn (array $r): string => substr($text, $r[0], $r[1] - $r[0]), $flow->sourceOf($from, $to)));
    }
}
