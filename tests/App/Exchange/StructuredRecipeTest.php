<?php

declare(strict_types=1);

namespace Pausis\Tests\App\Exchange;

use Pausis\App\Exchange\HtmlPage;
use Pausis\App\Exchange\JsonLdRecipe;
use Pausis\App\Exchange\RecipeFile;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Reading;
use PHPUnit\Framework\TestCase;

/** Where a file says what its parts are, that decides. */
final class StructuredRecipeTest extends TestCase
{
    public function testIngredientsMayBeObjects(): void
    {
        $reading = self::read([
            '@type' => 'Recipe', 'name' => 'Beef with stout', 'recipeYield' => '4 servings',
            'recipeIngredient' => [
                ['originalText' => '1 kg beef shin, diced'], ['quantity' => 2, 'unit' => 'tbsp', 'food' => 'oil'],
                ['quantity' => 500, 'unit' => 'ml', 'food' => 'stout'],
            ],
            'recipeInstructions' => ['Brown the beef in the oil.', 'Add the stout and simmer for 3 hours.'],
        ]);

        self::assertSame(['beef-shin', 'oil', 'stout'], self::foods($reading));
        self::assertEqualsWithDelta(500.0, $reading->ingredients[2]->millilitres, 1.0);
        self::assertSame(['Beef with stout', 4], [$reading->title, $reading->serves]);
    }

    public function testStepsAreNumberedInEachSection(): void
    {
        $text = self::text([
            '@type' => 'Recipe', 'name' => 'Lamb shanks', 'recipeIngredient' => ['4 lamb shanks'],
            'recipeInstructions' => [
                ['@type' => 'HowToSection', 'name' => 'Day one', 'itemListElement' => [
                    ['@type' => 'HowToStep', 'text' => 'Salt the shanks.'], ['@type' => 'HowToStep', 'text' => '<p>Brown them.</p>'],
                ]],
                ['@type' => 'HowToSection', 'name' => 'Day two', 'itemListElement' => [
                    ['@type' => 'HowToStep', 'name' => 'Braise for 3 hours.'],
                ]],
            ],
        ]);

        self::assertStringContainsString("Day one:\n\n1. Salt the shanks.\n2. Brown them.", $text);
        self::assertStringContainsString("Day two:\n\n1. Braise for 3 hours.", $text);
    }

    public function testAStepWithoutAVerbIsStillAStep(): void
    {
        $reading = self::read([
            '@type' => 'Recipe', 'name' => 'Beef with stout', 'recipeYield' => '4',
            'recipeIngredient' => ['1 kg beef shin', '500 ml stout', '1 tbsp redcurrant jelly'],
            'recipeInstructions' => [
                ['@type' => 'HowToStep', 'text' => 'Brown the beef.'],
                ['@type' => 'HowToStep', 'text' => 'Simmer in the stout for 3 hours.'],
                ['@type' => 'HowToStep', 'text' => 'Jelly at the end.'],
            ],
        ]);

        self::assertSame([], $reading->unread);
        self::assertSame('Jelly at the end.', trim($reading->steps[\count($reading->steps) - 1]->source ?? ''));
    }

    /** @param array<string, mixed> $recipe */
    private static function text(array $recipe): string
    {
        $files = new RecipeFile(new JsonLdRecipe(), new HtmlPage());

        return (string) $files->text(json_encode($recipe, \JSON_THROW_ON_ERROR), 'recipe.json', new Problems(), 'file');
    }

    /** @param array<string, mixed> $recipe */
    private static function read(array $recipe): Reading
    {
        return (new RecipeReader(Larder::load(), Cuts::load()))->read(self::text($recipe), new Problems())
            ?? throw new \LogicException('no recipe');
    }

    /** @return list<string|null> */
    private static function foods(Reading $reading): array
    {
        return array_map(static fn (Ingredient $i): ?string => $i->food->id ?? $i->cut?->id, $reading->ingredients);
    }
}
