<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Misheard;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Reading\Vocabulary;
use Pausis\Core\Recipe\Doubt;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\Reading;
use Pausis\Core\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What lines say of each other, what words mean in a house, and what steps say beside their kind. */
final class ReadingTest extends TestCase
{
    public function testTheSameTinIsMeasuredByTheOneAbove(): void
    {
        foreach ([
            ["2 x 400 g tins tomatoes\nthe same tin half full of water", 200.0],
            ["1 (28 oz) can tomatoes\nthe same can a quarter full of water", 198.45],
            ["1 tin tomatoes\nfill the empty tin with water", 400.0],
            ["a 700 ml jar of passata\nthe same jar a third full of stock", 233.3],
            ["1 jar roasted peppers\nfill the empty jar with stock", 300.0],
            ["1 carton passata\nfill the empty carton with stock", 500.0],
            ["1 bottle passata\nfill the empty bottle with stock", 750.0],
        ] as [$lines, $millilitres]) {
            $last = self::last("1 kg beef shin\n2 onions\n$lines");
            self::assertEqualsWithDelta($millilitres, $last->millilitres, 2.0, $lines);
            self::assertContains(Doubt::FromAnotherLine, $last->doubts);
        }
    }

    public function testWhatIsLeftIsTheBottleLessWhatWasUsed(): void
    {
        $last = self::last("1 kg beef shin\n300 ml dry cider (from a 500 ml bottle)\nwhat is left of the cider");
        self::assertEqualsWithDelta(200.0, $last->millilitres, 0.1);

        $counted = self::last("1 kg beef shin\n2 onions\na bunch of parsley\nthe rest of the parsley");
        self::assertSame(0.0, $counted->grams);
        self::assertContains(Doubt::CountedBefore, $counted->doubts);
    }

    public function testOneLineMayHoldSeveralIngredients(): void
    {
        $foods = static fn (string $line): array => array_map(
            static fn (Ingredient $i): ?string => $i->food?->id,
            \array_slice(self::read("1 kg beef shin\n500 ml beef stock\n$line")->ingredients, 2),
        );

        self::assertSame(['onion', 'carrot'], $foods('2 onions and 3 carrots'));
        self::assertSame(['onion', 'celery', 'leek'], $foods('1 onion, 2 sticks of celery, 1 leek'));
        self::assertSame(['salt', 'pepper-ground'], $foods('salt and freshly ground black pepper'));
        self::assertSame(['onion'], $foods('2 onions, peeled and cut in 2 cm dice'));
        self::assertSame(['tinned-tomatoes'], $foods('400 g tin tomatoes, 2 of them'));
    }

    #[TestWith(['5 cloves, crushed', 'garlic', 'cloves'])]
    #[TestWith(['2 tbsp corn flour', 'corn-starch', 'corn flour'])]
    #[TestWith(['a glass of red', 'red-wine', 'red'])]
    #[TestWith(['a pint of beef stalk', 'stock', 'beef stalk'])]
    #[TestWith(['2 leaks', 'leek', 'leaks'])]
    public function testAWordTakenForAnotherIsSaidAndMakesTheReadingUnsure(string $line, string $food, string $said): void
    {
        $read = (new IngredientReader(Larder::load(), Cuts::load()))->read($line);

        self::assertSame([$food, $said], [$read->food?->id, $read->guess?->said]);
        self::assertContains(Doubt::Misheard, $read->doubts);
        self::assertLessThan(0.85, $read->confidence);
    }

    public function testAWordThatIsOneOfItsOwnStaysInOtherCompany(): void
    {
        $reader = new IngredientReader(Larder::load(), Cuts::load());

        self::assertSame('whole-clove', $reader->read('5 cloves')->food?->id);
        self::assertSame('polenta', $reader->read('200 g corn flour')->food?->id);
        self::assertNull($reader->read('2 stalks of celery')->guess);
    }

    public function testWhatTheHouseHasSaidIsUsed(): void
    {
        $reader = (new IngredientReader(Larder::load(), Cuts::load()))->for(UnitSystem::Metric, new Vocabulary([
            'neeps' => ['food' => 'swede', 'role' => null, 'ignored' => false],
            'mystery paste' => ['food' => '', 'role' => Role::Seasoning, 'ignored' => false],
            'love' => ['food' => '', 'role' => null, 'ignored' => true],
        ]));

        self::assertSame('swede', $reader->read('500 g neeps')->food?->id);
        self::assertSame(Role::Seasoning, $reader->read('1 tbsp Mystery paste')->role);
        self::assertContains(Doubt::NotAFood, $reader->read('a pinch of love')->doubts);
        self::assertSame(Role::Unknown, $reader->read('a handful of gluggles')->role);
    }

    /**
     * @return iterable<string, array{string, bool, string|null, string|null, string|null, float|null}> sentence, a side, hob, setting,
     *                                                                                                  until, °C
     */
    public static function details(): iterable
    {
        $rows = [
            ['Sear the shanks, 4 minutes a side, over a high heat.', true, 'high', null, null, null],
            [
                'Fry the onions over medium-low heat until soft and golden, 15 minutes.', false, 'medium-low', null,
                'until soft and golden', null,
            ],
            ['Cook in the slow cooker on low for 8 hours.', false, null, 'low', null, null],
            ['Set the slow cooker to high and cook for 4 hours.', false, null, 'high', null, null],
            ['Cover and cook at 150 for 3 hours, until a fork slides in.', false, null, null, 'until a fork slides in', 150.0],
            ['Bake at gas mark 2 for 3 hours.', false, null, null, null, 149.0],
            ['Preheat the oven to 150C/130C fan/gas 2.', false, null, null, null, 150.0],
            ['Roast at 450 for 10 minutes.', false, null, null, null, 232.2],
            ['Simmer on the lowest heat for 2 hours.', false, 'low', null, null, null],
        ];
        foreach ($rows as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('details')]
    public function testAStepsDetails(
        string $sentence, bool $perSide, ?string $hob, ?string $setting, ?string $until, ?float $celsius,
    ): void {
        $step = (new StepReader(Misheard::load()))->read($sentence, 1);

        self::assertSame([$perSide, $hob, $setting, $until], [$step->perSide, $step->hob, $step->setting, $step->until]);
        null === $celsius ? self::assertNull($step->celsius) : self::assertEqualsWithDelta($celsius, $step->celsius, 0.1);
    }

    public function testAStepKnowsItsIngredientsAndItsVessel(): void
    {
        $reading = self::read(
            "1 kg beef shin\n2 onions\n3 carrots\n500 ml stout\n\nMethod\nBrown the meat in a large pan. Add the carrots and the onion to"
                .' the pot. Pour the stout over.',
        );

        self::assertSame([[0], [1, 2], [3]], array_map(static fn (Step $s): array => $s->ingredients, $reading->steps));
        self::assertSame('pan', $reading->steps[0]->vessel);
    }

    public function testStoriesNotesAndNutritionAreShownAsNotRead(): void
    {
        $reading = self::read(
            "Shin\n\nMy neighbour swears by it and so does her dog.\n\nServes 4\n1 kg beef shin\n2 onions\n500 ml stock\nSkip the oil"
                ." here\n\nBrown the shin.\nCook gently for 3 hours.\n\nNotes\nFreezes well.\nNutrition\nCalories: 400",
        );
        $unread = array_column($reading->unread, 'source');

        foreach (['My neighbour swears by it and so does her dog.', 'Skip the oil here', 'Freezes well.', 'Calories: 400'] as $line) {
            self::assertContains($line, $unread);
        }
        self::assertCount(3, $reading->ingredients);
        self::assertCount(2, $reading->steps);
        self::assertContains(MarkKind::Facts, array_map(static fn ($m): MarkKind => $m->kind, $reading->marks));
    }

    public function testALiquidThatOnlyTheMethodNamesIsFound(): void
    {
        $reading = self::read(
            "Ingredients\n1 kg beef shin\n2 onions\n1 tsp salt\n\nMethod\nBrown the shin. Pour in 600 ml water and simmer for 3 hours."
                .' Stir in a spoonful of water.',
        );
        $water = $reading->ingredients[3];

        self::assertSame(['water', 600.0], [$water->food?->id, $water->millilitres]);
        self::assertContains(Doubt::FromTheMethod, $water->doubts);
        self::assertCount(4, $reading->ingredients);
    }

    private static function last(string $text): Ingredient
    {
        $ingredients = self::read($text)->ingredients;

        return $ingredients[\count($ingredients) - 1];
    }

    private static function read(string $text): Reading
    {
        $reading = (new RecipeReader(Larder::load(), Cuts::load()))->read($text, new Problems());
        self::assertNotNull($reading);

        return $reading;
    }
}
