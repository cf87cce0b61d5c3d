<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Quantity\Number;

/** For how many a recipe is, where a line of it says so. */
final class Servings
{
    private const NUMBERS = 'two|three|four|five|six|seven|eight|nine|ten|twelve';
    private const SERVES = '/👥\s*(?<g>\d{1,2})\b|^\W*for\s+(?<f>\d{1,2}|%1$s)\b(?=\W*$|,|\s*\(|\s{2,}|\s+(?:as|with|people'
        .'|persons))|\b(?:portions?|servings?|serves|yields?|pax)\W{1,5}(?<p>\d{1,2})\b(?!\s*(?:g|kg|ml|min|h|°|cm|tbsp|tsp'
        .'|cups?)\b)|\b(?:fed|did|does|feeds?|serves?)\s+(?:the\s+)?(?<d>\d{1,2}|%1$s)(?:\s+(?:to|or|-)\s+\S+)?(?=\s+(?:of us'
        .'|people|hungry|big|hearty|easy|depending|or|with|without)|\W*$|[.,;!])'
        .'|\b(?:serves|pax|servings?\s*:?|feeds|(?:enough|plenty|sufficient|dinner|supper|lunch)\s+for|yields?\s*:?'
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
        $said = '' !== ($m['c'] ?? '') ? $m['c'] : implode('', \array_slice(array_filter([
            $m['n'] ?? '', $m['m'] ?? '', $m['w'] ?? '', $m['g'] ?? '', $m['f'] ?? '', $m['p'] ?? '', $m['d'] ?? '',
        ]), 0, 1));

        return (int) Number::value($said) ?: null;
    }
}
