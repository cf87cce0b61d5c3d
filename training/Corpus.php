<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\App\Exchange\HtmlPage;
use Pausis\App\Exchange\JsonLdRecipe;
use Pausis\App\Exchange\RecipeFile;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\RecipeReader;

/** The recipes by other hands in corpus/, batch by batch. */
final readonly class Corpus
{
    public static function folder(): string
    {
        return \dirname(__DIR__).'/corpus';
    }

    /** @return list<Recipe> */
    public static function recipes(): array
    {
        $files = new RecipeFile(new JsonLdRecipe(), new HtmlPage());
        $recipes = [];
        foreach (glob(self::folder().'/*/*/recipe.*') ?: [] as $file) {
            $folder = \dirname($file);
            $text = $files->text((string) file_get_contents($file), basename($file), new Problems(), 'file') ?? '';
            /** @var array<string, mixed> $truth */
            $truth = is_file("$folder/truth.json")
                ? json_decode((string) file_get_contents("$folder/truth.json"), true, 64, \JSON_THROW_ON_ERROR)
                : [];
            $recipes[] = new Recipe(
                basename(\dirname($folder)).'/'.basename($folder), $folder, intdiv((int) basename($folder), 100),
                RecipeReader::cleaned($text), $truth,
            );
        }

        return $recipes;
    }
}
