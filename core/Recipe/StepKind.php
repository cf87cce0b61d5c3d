<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a step of a recipe does. Where a sentence does several things, the first in this order names it. */
enum StepKind: string
{
    case Cook = 'cook';
    case Strain = 'strain';
    case Shred = 'shred';
    case Glaze = 'glaze';
    case Blanch = 'blanch';
    case Brown = 'brown';
    case Deglaze = 'deglaze';
    case Reduce = 'reduce';
    case Thicken = 'thicken';
    case FryBase = 'fry-base';
    case Soak = 'soak';
    case AddLate = 'add-late';
    case LiftOut = 'lift-out';
    case Skim = 'skim';
    case Check = 'check';
    case Rest = 'rest';
    case Garnish = 'garnish';
    case Side = 'side';
    case Serve = 'serve';
    case Coat = 'coat';
    case Dry = 'dry';
    case Season = 'season';
    case Preheat = 'preheat';
    case Load = 'load';
    case Prepare = 'prepare';
    case Other = 'other';

    /** Whatever the verbs, this is no instruction. */
    private const NEGATED = '/^\W*(?:do not|don[\'’]?t|never|no need to|there[\'’]?s no need|skip|you (?:can|could) also|i (?:always'
        .'|never|used))\b/iu';

    private const OPENING = '/^\W*(?:first |now |finally |next )?(?:sear|brown(?! (?:onion|rice|sugar|stock|ale|sauce|lentil|mushroom))'
        .'|fry|sweat|soften|deglaze|lift|strain|skim|reduce|add|put|pour|cover|cook(?!ing)|simmer|bake|braise|roast(?! (?:chest|garlic'
        .'|pepper))|serve|take|return|stir|season(?!ed|ing)|rub|heat|preheat|bring|boil(?!ed|ing)|let|leave|thicken|shred|rest'
        .'|warm(?! water)|mix(?!ed)|whisk|blend|drain|rinse|soak(?!ed)|toss|tip|scrape|turn(?!ip)|remove|discard|taste|check|scatter'
        .'|transfer|melt(?!ed)|broil|grill|char(?!d)|sit the|lay|combine|refrigerate|chill(?!i)|marinate(?!d)|dredge|place|arrange|layer'
        .'|push|press|use|set|switch|lower|dissolve|peel|chop(?!ped)|cut(?! of)|halve|grate(?!d)|crush(?!ed)|wash|pat|wipe|tie|score|dust'
        .'|coat|uncover|fish out|pick|flake|mash|glaze|brush|spoon(?! of)|ladle(?! of)|sprinkle|garnish|keep|allow|repeat|continue|make'
        .'|prepare|toast(?!ed)|render|dice(?!d)|slice(?!d|s? of))\b/iu';

    private const VERBS = [
        'strain' => 'strain(?:ed)?|sieve|pass (?:the |it )?through|pour (?:the \w+ )?through a',
        'shred' => 'shred|pull(?:ed)? (?:apart|the|it)(?! out)|flake|tear (?:the|it)|fall apart with (?:two )?forks|two forks',
        'glaze' => 'glaze(?!d)|baste|brush (?:the|with|over)|spoon (?:the \w+ )?over every',
        'blanch' => 'blanch|bring (?:it |them |the \w+ )?(?:to the boil|to a boil) (?:in|from) cold|rinse off the scum|parboil',
        'brown' => '(?<!until )(?<!till )(?:brown(?:ed|ing)?(?! sugar| onion| stock| rice| ale| sauce| bread| paper)|sear(?:ed|ing)?'
            .'|seal(?:ed)?|get some colour|colou?r (?:all over|on all sides|it|them|the)|take colou?r)',
        'deglaze' => 'deglaze|scrap(?:e|ing) (?:up|the|off)|loosen (?:the|what)|lift the (?:brown|sticky)',
        'reduce' => 'reduc(?:e|es|ed|ing)|boil(?:ed|s)?(?: it| them| the \w+)? (?:down|away|hard)|bubble (?:away|down|until|it|hard|up)'
            .'|cook off|until (?:almost gone|syrupy|sticky)|take the lid off|uncover|lid off',
        'thicken' => 'thicken|slurry|whisk in (?:the )?(?:butter|flour|corn|starch|paste)|stir in the (?:cornflour|corn starch|flour'
            .'|paste|roux)|slake|mix (?:the )?(?:cornflour|corn starch|cornstarch|starch)|blend the sauce|mash some',
        'fry-base' => 'fry|fries|frying|sweat|soften(?! the butter)|saut[ée]|cook the (?:onions?|vegetables?|garlic|bacon|spices?'
            .'|shallots?|leeks?)|toast the|stir(?:-|\s)?fry|stir in the (?:spices?|garlic|tomato pur[ée]e|tomato paste|paste)'
            .'|for a minute until fragrant|caramelise|caramelize|melt the (?:butter|fat|lard)|render',
        'soak' => 'soak(?:ed|ing)?|overnight|marinate|marinade',
        'add-late' => '(?:add|stir|put|throw|drop) .{0,60}(?:for the last|at the end|minutes before|mins before|in the last'
            .'|towards the end|near the end)|for the (?:last|final)|(?:last|final) (?:\d+|few|half|ten|twenty|fifteen|thirty)',
        'lift-out' => 'lift (?:out|the (?:meat|joint|shanks?|beef|lamb|pork|goat|venison|bag)|them out|it out)|take (?:out|the (?:meat'
            .'|joint|shanks|beef|lamb|pork|goat|lid)|it out|them out)|remove (?:the )?(?:meat|lamb|beef|pork|joint|shanks|from|bay|bones'
            .'|herbs|peel|cinnamon|star)|fish out|discard|pull out',
        'skim' => 'skim|spoon off|blot|lift off the fat|chill .{0,30}fat',
        'check' => 'check|test (?:it|the|with)|taste|see if|have a look|turn (?:it|the meat|them|the joint) (?:over|once|halfway)'
            .'|stir (?:once|now and|occasionally)|top up',
        'rest' => 'rest\b|leave to stand|stand for|cool(?:\b| down| slightly)',
        'garnish' => 'scatter|garnish|sprinkle (?:with|over)|top with|finish with|squeeze over',
        'side' => 'boil the (?:potatoes|rice|pasta|noodles)|cook the (?:rice|pasta|noodles|potatoes|couscous|polenta)|mash the'
            .'|make the (?:mash|dumplings|polenta|couscous|salad|slaw)|steam the|meanwhile,? (?:boil|cook|make|steam|mash)',
        'serve' => 'serv(?:e|ing)|to the table|dish up|spoon (?:over|onto|on to)|ladle|eat\b|carve|slice and',
        'coat' => 'coat|dust|dredge|toss (?:the \w+ |it |them )?(?:in|with) (?:the )?(?:seasoned )?flour|flour the|roll (?:it|them'
            .'|the \w+) in',
        'dry' => '(?:pat|dry|wipe|blot)(?: \w+){0,3} (?:dry|with (?:kitchen )?paper|well)|dry the',
        'season' => 'season|salt the|salt and pepper|rub|add salt',
        'preheat' => 'pre-?heat|(?:heat|turn|set|put) (?:on )?the oven|oven (?:to|on)\b|warm the (?:insert|pot|slow cooker)',
        'load' => 'put .{0,60}(?:pot|casserole|dish|pan|cooker|insert)|return|tip|pour|add|cover|lay|tuck|stir in|nestle|place|throw'
            .'|transfer|bring (?:it |everything |them )?(?:all )?(?:back )?(?:to|up to) (?:the|a) (?:boil|simmer)|lid on|in goes?'
            .'|goes? in|goes? on top|pile|layer|arrange',
        'prepare' => 'chop|slice|peel|dice|trim|cut|mix|tie|crush|grate|cube|quarter|halve|wash|drain|rinse|grind|pound|mince|score|heat'
            .'|warm|stud|melt|broil|grill|char|combine|refrigerate|chill|weigh|measure|collect|gather|pick over|shell',
    ];
    private const LAST_RESORT = '/\b(?:simmer|braise (?:it|them|the|for|gently|in|until)|roast (?:it|them|the|for|in|until)|bake'
        .'|stew (?:it|gently|for|until)|boil|cook|let it (?:blip|tick|go)|leave it|pressure)\b/iu';

    public static function of(string $sentence, bool $cooksForLong): self
    {
        if ($cooksForLong) {
            return self::Cook;
        }
        if (preg_match(self::NEGATED, $sentence)) {
            return self::Other;
        }
        foreach (self::VERBS as $kind => $pattern) {
            if (preg_match('/\b(?:'.$pattern.')/iu', $sentence)) {
                return self::from($kind);
            }
        }

        return preg_match(self::LAST_RESORT, $sentence) ? self::Cook : self::Other;
    }

    /** Whether a text begins with what to do. */
    public static function opens(string $sentence): bool
    {
        return (bool) preg_match(self::OPENING, $sentence);
    }

    /** Whether a text tells what not to do. */
    public static function forbids(string $sentence): bool
    {
        return (bool) preg_match(self::NEGATED, $sentence);
    }

    /** Whether a text tells to do something. */
    public static function instructs(string $sentence): bool
    {
        return self::Other !== self::of($sentence, false);
    }
}
