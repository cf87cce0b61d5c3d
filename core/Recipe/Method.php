<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** The way a recipe's author cooked it. */
enum Method: string
{
    case Oven = 'oven';
    case Hob = 'hob';
    case Pressure = 'pressure';
    case SlowCooker = 'slow-cooker';

    private const WORDS = [
        'pressure' => '/pressure/iu',
        'slow-cooker' => '/slow[- ]?cooker|crock|on (?:low|high)\b(?!\s+(?:heat|flame|ring))/iu',
        'oven' => '/oven|roast|bake|gas (?:mark )?\d|°|\d{3}\s?[cf]\b/iu',
        'hob' => '/hob|stove|simmer|low heat|gentle heat|blip|burner/iu',
    ];

    public static function mentioned(string $text): ?self
    {
        foreach (self::WORDS as $method => $pattern) {
            if (preg_match($pattern, $text)) {
                return self::from($method);
            }
        }

        return null;
    }
}
