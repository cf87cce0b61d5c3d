<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Adaptation;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Reading\DishReader;
use Pausis\Core\Reading\RecipeReader;
use Pausis\Core\Recipe\Dish;

/** The recipes of tests/Core/Adaptation/recipes, from their text on. */
final class Recipes
{
    private static ?RecipeReader $reader = null;

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (glob(__DIR__.'/recipes/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [basename($file, '.txt')];
        }
    }

    public static function dish(string $text): Dish
    {
        self::$reader ??= new RecipeReader(Larder::load(), Cuts::load());
        $reading = self::$reader->read(RecipeReader::cleaned($text), new Problems()) ?? throw new \LogicException('Not read.');

        return (new DishReader())->read($reading->ingredients, $reading->steps, $reading->ways);
    }

    public static function named(string $name): Dish
    {
        return self::dish((string) file_get_contents(__DIR__."/recipes/$name.txt"));
    }
}
