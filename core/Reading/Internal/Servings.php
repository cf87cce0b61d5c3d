<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Quantity\Number;

/** For how many a recipe is, where a line of it says so. */
final class Servings
{
    private const NUMBERS = 'two|three|four|five|six|seven|eight|nine|ten|twelve';
    private const SERVES = '/\b(?:serves|pax|servings?\s*:?|feeds|(?:enough|plenty|sufficient|dinner|supper|lunch)\s+for|yields?\s*:?'
        .'|makes|(?<!low )(?<!high )(?<!medium )(?<!auto )for(?=\s+\S+\s*(?:\p{L}+\s+)?(?:people|persons?|pers\.?|of\s+us|eaters|hungry'
        .'|\W*$|\W*\())|\(for(?=\s+\S+\)))\s*:?\s+(?:about\s+|around\s+|up\s+to\s+)?(?<n>\d{1,2}|%1$s)\b(?!\s*(?:g|kg|ml|min|mins|minutes?'
        .'|hours?|hrs?|h|°|cm|tbsp|tsp|cups?|sides?|degrees)\b)|\b(?<m>\d{1,2}|%1$s)\s+(?:servings|portions|people|persons|pers\.'
        .'|helpings|of us|easy|hungry|plates|covers)\b(?:,?\s+(?:no|sorry|make (?:it|that))[,\s]+(?<c>\d{1,2}|%1$s)\b)?'
        .'|\bwe were\s+(?<w>\d{1,2}|%1$s)\b/iu';

    private static string $pattern = '';

    public static function in(string $text): ?int
    {
        self::$pattern = '' === self::$pattern ? \sprintf(self::SERVES, self::NUMBERS) : self::$pattern;
        if (!preg_match(self::$pattern, $text, $m)) {
            return null;
        }
        $said = '' !== ($m['c'] ?? '') ? $m['c'] : implode('', array_filter([$m['n'], $m['m'] ?? '', $m['w'] ?? '']));

        return (int) Number::value($said) ?: null;
    }
}
