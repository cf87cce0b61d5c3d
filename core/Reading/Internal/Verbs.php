<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\ActTable;
use Pausis\Core\Reading\Naming;

/** The verbs of a sentence that tell what to do: no states, no foods that are called like one. */
final readonly class Verbs
{
    /** A verb behind one of these tells a state, not something to do. */
    private const STATE = '/\b(?:until|till|’til|\'til|once|when|while|where|before you|before we|if|is|are|was|were|be|been|being'
        .'|has|have|had|looks?|gets?'
        .'|turns?|becomes?|the|its|their|freshly|you can|you could|able|very|well|finely|roughly|thinly|lightly|a|an|of|cooking|serving'
        .'|to a|for|deep|dark|changes?|changing|dutch|roasting|pat|wipe|without|letting (?:it|them)|let (?:it|them)|any|some|another|good'
        .'|low|lowest|medium|high|gentle|moderate|strong)(?:\s+(?:it|they|them|the (?:meat|sauce|liquid|onions?)|just|well|all|nicely'
        .'|properly|really|very))*(?:\s+(?:is|are|has|have))?\s*$/iu';
    /** "stir the mustard and cream into the juice" */
    private const CREAM_ITSELF = '/^\s*(?:into|in\b|and|or|to\b|[,.;)]|\d|$)/iu';
    /** Behind these something is done all the same: "after 3 hours on low put in". */
    private const GOES_ON = '/\b(?:and|then|let it|to|on (?:low|medium|high)|before serving)\s*$/iu';
    private const NOT = '/\b(?:(?:not|never|don[\'’]?t) (?:be tempted|bother|feel (?:you have|the need)) to'
        .'|not|never|don[\'’]?t|no need to|needn[\'’]?t|instead of|rather than)\s*$/iu';
    /** "(they cook in the pot)" */
    private const EXPLAINS = '/\((?:they|it|this|these|which|that)\s+$/iu';
    /** "lemon peel", "orange zest" */
    private const PEEL = '/\b(?:lemon|orange|lime|citrus|grapefruit|fruit|mandarin|tangerine|garlic|pepper|potato|pork|bacon|chicken'
        .'|duck)\s*$/iu';
    private const AN_OVEN = '/\b(?:an?|the|your|hot|moderate|low|pre-?heated|\d{2,3} ?°? ?[CF]?)\s*$/iu';
    private const HEATS = '/\b(?:heat|pre-?heat|warm|set|light|turn on|get)(?: on)?(?: the| your| an?)?\s*$/iu';
    /** "Serve with mash" */
    private const DISHES = ['mash', 'purée', 'puree', 'stew', 'roast', 'toast', 'crisp', 'braise', 'sauce'];
    private const NOUNS = ['peel', 'zest', 'skin', 'bone', 'rind', 'stock'];
    /** "Fish out the star anise and peel" */
    private const TAKES_OUT = '/^(?:fish|take|lift|pick|hook|remove|discard|pull)/iu';
    private const AND_THE = '/^[^.;]*\b(?:and|or|the)\s*$/iu';
    private const ROASTS = ['roast', 'stew', 'braise'];
    private const HEAT_ITSELF = '/\b(?:reduce|lower|raise|increase|turn (?:up|down)|fierce|brisk|lively|over|off|more'
        .'|less)(?: the| to)?\s*$/iu';
    private const BROWN_THINGS = '/^\s+(?:sugar|sauce|bits|rice|bread|lentils|stock|ale|crust|vinegar|paper|mustard|flour'
        .'|butter|gravy|jelly|edges)\b/iu';
    private const LOOKS = ['brown', 'crisp', 'dry', 'glaze', 'thicken', 'reduce', 'set', 'toast', 'caramelise', 'colour', 'color', 'shred'];
    /** "until they are brown", "let the vegetables colour" */
    private const BECOMES = '/\b(?:until|till|’til|\'til)\b|\b(?:let|leave|allow)\s+the\s+[\p{L} ]{3,30}$/iu';
    private const AS_NOUN = '/^\s+(?:on|in|goes|go|is|out|back|and put|sits|over|should|will)\b/iu';
    private const MASHES = ['mash', 'purée', 'puree'];
    /** "Purée first, veal on it": the order on the plate. */
    private const ON_THE_PLATE = '/^\s*:|^\s+(?:first|goes|underneath|under|beside|below|at the bottom|on the plates?|onto)\b/iu';
    /** "ham cut in strips": how it is, not what is done. */
    private const CUT_INTO = '/^\s+(?:up\s+)?(?:in(?:to)?|across|on the|along|lengthways|lengthwise|thick|thin|small|fine)\b/iu';
    private const A_WORD = '/(?<!\band)(?<!\bthen)(?<!\bor)(?<!\bto)(?<!\bit)(?<!\bthem)(?<=[\p{L})])\s+$/iu';
    /** "butter and flour": no verb, unless something is floured. */
    private const FLOURS = '/^\s+(?:the|it|them|each|your|all|both|lightly|well|pieces?|meat|joints?|beef|lamb|pork|veal|shanks?'
        .'|chicken)\b/iu';
    /** "chopped vegetables": how they are, not what is done. */
    private const PREPARED = '/^(?:chopped|sliced|diced|grated|minced|crushed|peeled|shredded|cubed|cooked|soaked|strained|mashed'
        .'|melted|toasted'
        .'|browned|boiled|drained|trimmed|ground|reduced|thickened|strained)$/u';
    private const A_FOOD = '/^\s+(?!(?:in|with|and|for|until|till|over|to|at|on|well|gently|slowly|very|finely|roughly|by|into|as'
        .'|up|down|off'
        .'|again|together|all)\b)\p{L}{3,}/iu';
    /** "oregano and salt with the stock", "the salt": no verb, unless "it" or the meat is salted; @ stands for the word itself. */
    private const SALT_ITSELF = '/(?:\b(?:and|with|of|or|the|plus|some|more|sea|kosher|table|tsp|tbsp|teaspoons?|tablespoons?'
        .'|pinch)|[&+½¼¾])\s*@'
        .'(?!\s+(?:(?:and |\+ |& )?pepp?er\s+)?(?:it|them|the|each|both|all|everything)\b)/iu';
    /** "garlic, salt, pepper and cumin" */
    private const SALT_OF_A_LIST = '/@\s*(?:,|and\b(?! pepp?er (?:the|it|them|each|all))|with\b|&|\+(?! ?pepp?er))/iu';
    private const MOST = 12;

    public function __construct(private ActTable $table)
    {
    }

    /** @return list<array{string, int}> verbs that tell what to do, and where */
    public function in(string $sentence, Naming $naming): array
    {
        preg_match_all($this->table->anyVerb, $sentence, $all, \PREG_OFFSET_CAPTURE);
        $hits = [];
        foreach (\array_slice($all[0], 0, self::MOST) as [$verb, $at]) {
            $before = substr($sentence, max(0, $at - 90), min(90, $at));
            $clauseBefore = (string) preg_replace('/^.*[,;:.–—(]\s*/su', '', mb_scrub($before));
            $behind = substr($sentence, $at + \strlen($verb));
            if ((([] !== $hits || preg_match('/\b(?:after|when)\b/iu', $clauseBefore)) && preg_match('/^on /iu', $verb))
                || self::isNoun(mb_strtolower($verb), $clauseBefore, $behind)
                || self::isWhatIsTaken(mb_strtolower($verb), $sentence, $hits[\count($hits) - 1] ?? null, $at)
                || $naming->isWithin($verb.(preg_match('/^[ -]\p{L}+/u', $behind, $m) ? $m[0] : ''))
                || (preg_match('/\p{L}{3,} $/u', $clauseBefore, $m) && $naming->isWithin($m[0].$verb))
                || (str_starts_with(mb_strtolower($verb), 'back ') && '' !== trim($clauseBefore))
                || self::isWhatItBecomes(mb_strtolower($verb), $clauseBefore)
                || ('thicken' === mb_strtolower($verb) && preg_match('/\bto\s*$/iu', $clauseBefore))
                || preg_match(self::NOT, $clauseBefore) || preg_match(self::EXPLAINS, $before)) {
                continue;
            }
            if (!preg_match(self::STATE, $clauseBefore) || preg_match(self::GOES_ON, $clauseBefore)) {
                $hits[] = [$verb, $at];
            }
        }

        return $hits;
    }

    /** Whether a word that is a verb elsewhere is none here: the cream, the heat, a roast, with mash. */
    private static function isNoun(string $verb, string $before, string $behind): bool
    {
        return match (true) {
            1 === preg_match(self::PREPARED, $verb) => preg_match('/(?:^|[,(]|\b(?:and|or|the|with|of|some))\s*$/iu', $before)
                && 1 === preg_match(self::A_FOOD, $behind),
            'salt' === $verb => 1 === preg_match('' === trim($before) ? self::SALT_OF_A_LIST : self::SALT_ITSELF, "$before@$behind"),
            'warm' === $verb => 1 === preg_match('/\b(?:in|on|with|into|to|onto|over|some|keep|keeps|kept)\s*$/iu', $before),
            'sauté' === $verb, 'saute' === $verb => 1 === preg_match('/\b(?:press|hit|on|to|using|select|choose)\s*$/iu', $before),
            'grill' === $verb, 'broiler' === $verb => 1 === preg_match('/\b(?:the|a|an|under'
                .'|preheated)(?: very)?(?: hot)?\s*$/iu', $before),
            'browning' === $verb => 1 === preg_match('/^\s*(?:\d|[½¼¾]|sauce\b)/iu', $behind),
            'cream' === $verb => 1 === preg_match(self::CREAM_ITSELF, $behind),
            'mix' === $verb => preg_match('/\bthe (?:\p{L}+ ){1,2}$/iu', $before) && 1 === preg_match(self::AS_NOUN, $behind),
            'oven' === $verb => preg_match(self::HEATS, $before) || preg_match(self::AN_OVEN, $before),
            'heat' === $verb => 1 === preg_match(self::HEAT_ITSELF, $before),
            'brown' === $verb => 1 === preg_match(self::BROWN_THINGS, $behind),
            'cut' === $verb => preg_match('/^\s+(?:sides?|edges?|surfaces?|faces?|parts?)\b/iu', $behind)
                || (preg_match(self::CUT_INTO, $behind) && 1 === preg_match(self::A_WORD, $before)),
            'flour' === $verb => !preg_match(self::FLOURS, $behind),
            'skin' === $verb, 'bone' === $verb => 1 === preg_match('/^[\s-]*(?:sides?|down|up|on|in|off|out|is|and bone)\b/iu', $behind),
            'sieve' === $verb => 1 === preg_match('/\b(?:an?|the|through|fine|coarse)\s+$/iu', $before),
            'ladle' === $verb => 1 === preg_match('/\b(?:the|a|an|each|every|last|one|half a)\s+$/iu', $before),
            'core' === $verb => 1 === preg_match('/^\W*(?:temp|at|of|is|reads?|>|[\d<])/iu', $behind),
            \in_array($verb, self::NOUNS, true) && preg_match(self::PEEL, $before) => true,
            \in_array($verb, self::ROASTS, true) && preg_match(self::AS_NOUN, $behind) => true,
            \in_array($verb, self::MASHES, true) && (('' === trim($before) && preg_match(self::ON_THE_PLATE, $behind))
                || (preg_match('/\b(?:and|the)\s*$/iu', $before) && preg_match('/^\s*(?:[.,;)]|$)/u', $behind))) => true,
            default => \in_array($verb, self::DISHES, true)
                && preg_match('/\b(?:with|over|on|onto|some|buttery|creamy)\s*$/iu', $before),
        };
    }

    /**
     * "Sear roast", "shred roast": what stands straight behind a verb is what it is done to.
     *
     * @param array{string, int}|null $before the verb before, and where it is
     */
    private static function isWhatIsTaken(string $verb, string $sentence, ?array $before, int $at): bool
    {
        $between = null === $before ? '' : substr($sentence, $before[1] + \strlen($before[0]), $at - $before[1] - \strlen($before[0]));

        return null !== $before && ((\in_array($verb, self::DISHES, true) && '' === trim($between))
            || (\in_array($verb, self::NOUNS, true) && preg_match(self::TAKES_OUT, $before[0]) && preg_match(self::AND_THE, $between)));
    }

    /** "until the shallots are patchy brown and crisp" */
    private static function isWhatItBecomes(string $verb, string $before): bool
    {
        return \in_array($verb, self::LOOKS, true) && preg_match(self::BECOMES, $before);
    }
}
