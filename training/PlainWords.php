<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Spelling;

/** The words that recipes by several hands say: what is none of them may be a food misspelt. */
final readonly class PlainWords
{
    private const LEAST_RECIPES = 3;
    /** Short words that are near to a food's. */
    private const SHORT = ['upon', 'onto', 'unto', 'ours', 'ever', 'once', 'thus', 'whom', 'whose', 'soon', 'sort', 'same', 'cam'
        .'e', 'move', 'dare'];

    /**
     * @param list<Recipe> $recipes
     *
     * @return list<string>
     */
    public static function of(array $recipes): array
    {
        $in = [];
        foreach ($recipes as $recipe) {
            preg_match_all('/\p{L}[\p{L}\']{3,}/u', Larder::normal($recipe->text), $all);
            foreach (array_unique($all[0]) as $word) {
                $in[$word] = ($in[$word] ?? 0) + 1;
            }
        }
        $often = array_merge(self::SHORT, array_keys(array_filter($in, static fn (int $n): bool => $n >= self::LEAST_RECIPES)));
        $plain = array_values(array_filter(array_unique($often), static fn (string $w): bool => ctype_alpha(str_replace('\'', '', $w))));
        $sounds = [];
        foreach (Larder::load()->words() as $word) {
            $sounds[Spelling::folded($word)][$word] = true;
        }
        // "Garlick" is said often, and is garlic.
        $plain = array_values(array_filter($plain, static fn (string $w): bool => !isset($sounds[Spelling::folded($w)])
            || isset($sounds[Spelling::folded($w)][$w])));
        sort($plain);

        return $plain;
    }
}
