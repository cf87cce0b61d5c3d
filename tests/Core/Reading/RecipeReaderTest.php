<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use Pausis\Core\Recipe\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecipeReaderTest extends TestCase
{
    private const PLAIN = <<<'TEXT'
        Goat shoulder with dried lime and chickpeas
        Serves 4

        Ingredients
        1.4 kg goat shoulder
        2 onions, sliced
        2 tins chickpeas, drained
        750 ml vegetable stock
        3 dried limes
        1 tsp salt
        a spoon of quizzle

        Method
        1. Heat the oven to 160 and brown the goat, 5 minutes a side.
        2. Fry the onions for 10 minutes. Pour in the stock.
        3. Cover and cook in the oven for 3 to 3½ hours until it falls from the bone.
        4. Stir in the chickpeas and serve.
        TEXT;

    public function testAPlainRecipe(): void
    {
        $reading = $this->read(self::PLAIN);

        self::assertSame('Goat shoulder with dried lime and chickpeas', $reading->title);
        self::assertSame(4, $reading->serves);
        self::assertCount(7, $reading->ingredients);
        self::assertSame('goat-shoulder', $reading->ingredients[0]->cut?->id);
        self::assertEquals(
            [Method::Oven, 3.25, 160.0], [$reading->original?->method, $reading->original?->hours, $reading->original?->ovenCelsius],
        );
        self::assertContains(StepKind::Brown, array_map(static fn (Step $s): StepKind => $s->kind, $reading->steps));
    }

    public function testADictationWithoutStopsIsReadInOneGo(): void
    {
        $lines = array_map(static fn (int $k): string => "then a bit of this and that number $k", range(1, 400));
        $reading = $this->read("beef stew\n1 kg beef chuck\n2 onions\n".implode("\n", $lines));

        self::assertSame('beef-chuck', $reading->ingredients[0]->cut?->id);
    }

    public function testWithoutHeadingsTheLinesSpeakForThemselves(): void
    {
        $reading = $this->read(
            "Shin with barley\n800 g beef shin\n150 g pearl barley\n1 litre beef stock\n2 carrots\nPut everything in a heavy pot, cover,"
                ." and simmer on a low heat for 3 hours.\n",
        );

        self::assertCount(4, $reading->ingredients);
        self::assertEquals([Method::Hob, 3.0], [$reading->original?->method, $reading->original?->hours]);
    }

    public function testEveryCharacterIsReadOrShownAsNotRead(): void
    {
        $reading = $this->read(self::PLAIN."\n\nMy aunt always made this in spring.\n***\n");

        self::assertSame($reading->text, implode('', array_map(static fn (Mark $m): string => $m->text, $reading->marks)));
        foreach ($reading->marks as $mark) {
            if (MarkKind::Blank === $mark->kind) {
                self::assertMatchesRegularExpression('/^\W*(?:\d\W*)?$/u', $mark->text);
            }
        }
        self::assertContains('My aunt always made this in spring.', array_column($reading->unread, 'source'));
    }

    public function testTimesAndTemperaturesInAllTheirDress(): void
    {
        $cases = [
            ['Bake at 325°F for 2 hours and a half', Method::Oven, 2.5, 162.8],
            ['Simmer for an hour and 45 minutes', Method::Hob, 1.75, null],
            ['Cook in the oven at 300 for 90 min', Method::Oven, 1.5, 148.9],
            ['Cook under pressure for 45 minutes', Method::Pressure, 0.75, null],
        ];
        foreach ($cases as [$sentence, $method, $hours, $celsius]) {
            $original = $this->read("Ingredients\n1 kg beef chuck\n2 onions\nMethod\n$sentence.")->original;
            self::assertSame($method, $original?->method, $sentence);
            self::assertEqualsWithDelta($hours, $original->hours, 0.01, $sentence);
            null === $celsius
                ? self::assertNull($original->ovenCelsius)
                : self::assertEqualsWithDelta($celsius, $original->ovenCelsius, 0.1, $sentence);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function notRecipes(): iterable
    {
        yield 'nothing' => ['', 'recipe-empty'];
        yield 'white space and control characters' => [" \n\t\x00\x07\u{200b} \n", 'recipe-empty'];
        yield 'a letter' => ["Dear council,\nthe lamp at the corner of the mill street has been out since spring.\nYours", 'no-recipe'];
        yield 'a shopping list' => ["Shopping list\nmilk\ncat food\nbeef shin 1kg\ncarrots\nbin bags", 'no-recipe'];
        yield 'a menu' => ["Menu\nStarters\nleek soup 6.50\nMains\nbraised shin of beef 17.00\nshoulder of lamb 19.50", 'no-recipe'];
        yield 'German' => [
            "Schweinebraten\n1 kg Schweineschulter\n2 Zwiebeln\nSalz und Pfeffer\nDas Fleisch mit Salz und Pfeffer einreiben und in einem"
                .' Topf mit den Zwiebeln anbraten. Dann mit Wasser etwa 2 Stunden schmoren lassen.',
            'another-language',
        ];
        yield 'French' => [
            "Daube\n1 kg de boeuf\n2 oignons\nFaire revenir la viande avec les oignons dans une cocotte, ajouter du vin et laisser"
                .' mijoter pendant 3 heures avec du sel et du poivre.',
            'another-language',
        ];
        yield 'too much' => [str_repeat("2 onions\n", 30_000), 'recipe-too-long'];
    }

    #[DataProvider('notRecipes')]
    public function testWhatIsNoRecipeIsSaid(string $text, string $code): void
    {
        $problems = new Problems();

        self::assertNull($this->reader()->read($text, $problems));
        self::assertSame([$code, 'text'], [$problems->all()[0]->code, $problems->all()[0]->path]);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'ten thousand lines' => [str_repeat("2 onions, sliced\n", 10_000)];
        yield 'one long line' => ['2 onions '.str_repeat('(((((½ 1/2 ', 17_000)];
        yield 'digits' => ["1 kg beef chuck\n".str_repeat('1234567890', 19_000)];
        yield 'broken encoding' => ["1 kg beef chuck\n2 onions\n".str_repeat("\xff\xfe\xc0 2 kg onions\n", 9_000)];
        yield 'markup' => [str_repeat("<script>alert(1)</script> 2 onions\n", 5_000)];
    }

    #[DataProvider('hostile')]
    public function testHostileTextIsReadOrRefusedWithoutLosingLines(string $text): void
    {
        $problems = new Problems();
        $reading = $this->reader()->read($text, $problems);

        self::assertTrue(null === $reading ? !$problems->none() : [] !== [
            ...$reading->ingredients, ...$reading->unread, ...$reading->steps,
        ]);
    }

    private function read(string $text): Reading
    {
        $problems = new Problems();
        $reading = $this->reader()->read($text, $problems);
        self::assertSame([], $problems->all());
        self::assertNotNull($reading);

        return $reading;
    }

    private function reader(): RecipeReader
    {
        return new RecipeReader(Larder::load(), Cuts::load());
    }
}
