<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** Whose cups, spoons and pints a recipe means. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
    case British = 'british';
    case Australian = 'australian';

    /** Words that only one of them uses. */
    private const TELLS = [
        'us' => '/\b(?:cups?|quarts?|all-purpose|cornstarch|corn starch|stovetop|kosher|cilantro|scallions?|zucchini|eggplant|rutabaga'
            .'|dutch oven|heavy cream|ground (?:beef|pork|lamb)|sticks? (?:of )?butter|lbs?\.?|broth|skillet|\d{3}\s*°?\s*f)\b/iu',
        'british' => '/\b(?:plain flour|cornflour|courgettes?|aubergines?|swede|double cream|single cream|hob|gas (?:mark )?\d|tins?'
            .'|pints?|stock cubes?|spring onions?|grammes?|caster sugar|gammon|rashers?|celeriac|clingfilm|kitchen paper|dripping|mutton'
            .'|dessert ?spoon\w*|teacup\w*|gills?|suet'
            .'|pts?|reg(?:ulo)?\.?\s?\d|castor sugar|treacle|forcemeat|dssp|jelly|parsnips?)\b/iu',
        'australian' => '/\b(?:capsicums?|eschalots?|kumara|pumpkin|gravy beef|chuck steak|20\s?ml tablespoons?'
            .'|tablespoons? (?:is|are|of|=) 20|brown onions?|australian|silverbeet'
            .'|thickened cream)\b/iu',
    ];
    /** What only metric recipes give. */
    private const METRIC = '/\d\s*(?:g|kg|ml|cl|dl|l)\b/iu';
    /** Text beyond this says nothing new. */
    private const LOOKS_AT_BYTES = 20_000;

    /** The likeliest for a text; metric where nothing tells. */
    public static function guess(string $text): self
    {
        $text = mb_strcut($text, 0, self::LOOKS_AT_BYTES);
        $votes = [];
        foreach (self::TELLS as $system => $pattern) {
            preg_match_all($pattern, $text, $m);
            $votes[$system] = \count(array_unique(array_map('mb_strtolower', $m[0])));
        }
        if ($votes['australian'] > 0 && preg_match(
            '/\b(?:cups?|tbsp|tablespoons?)\b/iu', $text,
        ) && preg_match(self::METRIC, $text) && $votes['australian'] >= $votes['british']) {
            return self::Australian;
        }
        arsort($votes);
        $best = (string) array_key_first($votes);

        return 0 === $votes[$best] || 'australian' === $best ? self::Metric : self::from($best);
    }
}
