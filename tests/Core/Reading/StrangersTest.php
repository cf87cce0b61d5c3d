<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Mark;
use Pausis\Core\Recipe\MarkKind;
use Pausis\Core\Recipe\Reading;
use Pausis\Training\Corpus;
use Pausis\Training\Digest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Recipes as people bring them: whole pages, speech, scans; and what is no recipe. */
final class StrangersTest extends TestCase
{
    private const WEIGHTS = __DIR__.'/../../../core/data/reading';

    private static RecipeReader $reader;

    public static function setUpBeforeClass(): void
    {
        self::$reader = new RecipeReader(Larder::load(), Cuts::load());
    }

    public function testAWholeBlogPageIsItsRecipe(): void
    {
        $reading = self::corpus('b6/701*');

        self::assertSame(['Stout Braised Short Ribs with Onions', 6], [$reading->title, $reading->serves]);
        self::assertSame([
            'beef-short-rib', 'coarse-salt', 'pepper-ground', 'oil', 'onion', 'garlic', 'tomato-paste', 'flour', 'stout', 'unsalted-stock',
            'worcestershire', 'brown-sugar', 'thyme', 'bay', 'vinegar', 'parsley',
        ], array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, $reading->ingredients));
        $around = array_column(array_filter($reading->unread, static fn (array $u): bool => 'around' === $u['kind']), 'source');
        foreach (['HOME', 'Beef', 'Chicken', 'Garlic Butter Noodles', 'YOU MIGHT ALSO LIKE'] as $menu) {
            self::assertContains($menu, $around);
        }
        self::assertSame(['tip', 'tip'], array_values(array_filter(
            array_column($reading->unread, 'kind'), static fn (string $kind): bool => 'around' !== $kind,
        )));
        self::assertStringNotContainsString('Marcy', implode("\n", array_column($reading->steps, 'text')));
    }

    public function testEveryByteOfEveryRecipeIsMarkedAsSomething(): void
    {
        foreach (Corpus::recipes() as $k => $recipe) {
            if (0 !== $k % 5) {
                continue;
            }
            $reading = self::$reader->read($recipe->text, new Problems());
            self::assertNotNull($reading, $recipe->name);
            $marked = implode('', array_map(static fn (Mark $m): string => $m->text, $reading->marks));
            self::assertSame($recipe->text, $marked, $recipe->name);
            foreach ($reading->unread as $line) {
                self::assertContains($line['kind'], ['tip', 'around', 'unread'], $recipe->name);
            }
        }
    }

    /** @return iterable<string, array{string, string}> text, what is said */
    public static function noRecipes(): iterable
    {
        yield 'a menu' => ["The Old Mill\n\nStarters\nLeek soup £6\n\nMains\nBraised ox cheek, mash £18\nHake £17\n", 'no-recipe'];
        yield 'a shopping list' => ["Shopping\n2 onions\nmilk\nbread\nshin of beef 1 kg\nwashing powder\n", 'no-recipe'];
        yield 'a letter' => ['Dear all, the meeting is on Monday at ten. Please bring the minutes. We will have lunch after.', 'no-recipe'];
        yield 'another language' => [
            "Schmorbraten\n\n1 kg Rindfleisch\n2 Zwiebeln\n500 ml Wein\n\nDas Fleisch mit Salz und Pfeffer in dem Topf anbraten, die"
            ." Zwiebeln zugeben und mit dem Wein auffüllen. Etwa 3 Stunden schmoren lassen.\n", 'another-language',
        ];
        yield 'one line without end' => [str_repeat('Stir the onions about and add 200 ml stock then ', 4000), 'no-recipe'];
        yield 'nothing' => [" \n\t\n", 'recipe-empty'];
        yield 'too much' => [str_repeat('a', RecipeReader::MOST_BYTES + 1), 'recipe-too-long'];
    }

    #[DataProvider('noRecipes')]
    public function testWhatIsNoRecipeIsSaidToBeNone(string $text, string $said): void
    {
        $problems = new Problems();

        self::assertNull(self::$reader->read($text, $problems));
        self::assertSame([$said], array_column($problems->all(), 'code'));
    }

    public function testAPageCutOffInAWordIsReadAsFarAsItGoes(): void
    {
        $reading = self::read(
            "Beef stew\n\nServes 4\n\n1 kg shin of beef, diced\n2 onions, sliced\n500 ml stout\n\n1. Brown the beef in batches.\n"
            .'2. Soften the onions and pour in the stou',
        );

        self::assertSame(['Beef stew', 4], [$reading->title, $reading->serves]);
        self::assertSame([3, 2], [\count($reading->ingredients), \count($reading->steps)]);
    }

    public function testCommentsBehindARecipeAreNotReadAsFoodOrWork(): void
    {
        $recipe = "Beef stew\n\n1 kg shin of beef\n500 ml stout\n\nBrown the beef. Add the stout and simmer for 3 hours.\n\nComments\n";
        $reading = self::read($recipe.str_repeat("That was a lovely stew, I added 2 carrots and we had it with mash!\n", 200));

        self::assertCount(2, $reading->ingredients);
        self::assertLessThanOrEqual(3, \count($reading->steps));
    }

    public function testARecipeIsFoundInTheMiddleOfAVeryLongPage(): void
    {
        $talk = str_repeat("We all loved it and everybody wanted more of it the next day!\n", 900);
        $reading = self::read(
            "$talk\n# Beef stew\n\nServes 4\n\n## Ingredients\n\n- 1 kg shin of beef, diced\n- 2 onions, sliced\n- 500 ml stout\n"
            ."- 2 tbsp oil\n\n## Method\n\n1. Brown the beef in the oil.\n2. Add the onions and the stout,"
            ." simmer for 3 hours.\n\n## Comments\n\n$talk",
        );

        self::assertSame(['Beef stew', 4], [$reading->title, $reading->serves]);
        self::assertSame(
            ['beef-shin', 'onion', 'stout', 'oil'],
            array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, $reading->ingredients),
        );
        self::assertGreaterThan(1700, \count($reading->unread));
    }

    #[TestWith(['garilc', 'garlic'])]
    #[TestWith(['2 onoins', '2 onions'])]
    #[TestWith(['shallotts', 'shallots'])]
    #[TestWith(['rosmary', 'rosemary'])]
    #[TestWith(['cardigan', null])]
    #[TestWith(['stirring', null])]
    #[TestWith(['beef', null])]
    public function testAMistypedFoodIsFoundAndAnotherWordIsNot(string $said, ?string $meant): void
    {
        self::assertSame($meant, Larder::load()->spelling([])->corrected($said)[2] ?? null);
    }

    public function testMarksAreMarks(): void
    {
        $reading = self::corpus('b6/701*');
        $kinds = array_unique(array_map(static fn (Mark $m): MarkKind => $m->kind, $reading->marks), \SORT_REGULAR);

        self::assertContains(MarkKind::Around, $kinds);
        self::assertContains(MarkKind::Tip, $kinds);
    }

    public function testTheWeightsAreOfTheLabelsAndTheCodeThatAreHere(): void
    {
        self::assertSame(Digest::now(), trim((string) file_get_contents(self::WEIGHTS.'/digest')), 'run bin/train');
        self::assertLessThan(500_000, filesize(self::WEIGHTS.'/lines.php'));
    }

    private static function corpus(string $pattern): Reading
    {
        return self::read(RecipeReader::cleaned((string) file_get_contents((glob(Corpus::folder()."/$pattern/recipe.txt") ?: [''])[0])));
    }

    private static function read(string $text): Reading
    {
        return self::$reader->read($text, new Problems()) ?? throw new \LogicException('no recipe');
    }
}
