<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a step of a recipe does. Where a sentence does several things, the first in this order names it. */
enum StepKind: string
{
    case Cook = 'cook';
    case Brown = 'brown';
    case Deglaze = 'deglaze';
    case Reduce = 'reduce';
    case Thicken = 'thicken';
    case FryBase = 'fry-base';
    case Soak = 'soak';
    case AddLate = 'add-late';
    case LiftOut = 'lift-out';
    case Strain = 'strain';
    case Skim = 'skim';
    case Shred = 'shred';
    case Rest = 'rest';
    case Serve = 'serve';
    case Season = 'season';
    case Load = 'load';
    case Prepare = 'prepare';
    case Other = 'other';

    private const VERBS = [
        'brown' => 'brown(?:ed)?|sear|seal|colour all over',
        'deglaze' => 'deglaze|scrap(?:e|ing) (?:up|the)|scrape',
        'reduce' => 'reduce|boil(?:ed)?(?: it)? down|bubble (?:away|down|until)|until (?:almost gone|syrupy)',
        'thicken' => 'thicken|slurry|whisk in|stir in the (?:cornflour|corn starch|flour)',
        'fry-base' => 'fry|sweat|soften|sauté|cook the onions?',
        'soak' => 'soak|overnight',
        'add-late' => 'add .{0,60}(?:for the last|at the end|minutes before)|for the last|last \d+ minutes',
        'lift-out' => 'lift (?:out|the)|take (?:out|the meat)|remove the (?:meat|lamb|beef|pork)',
        'strain' => 'strain|sieve',
        'skim' => 'skim|spoon off',
        'shred' => 'shred|pull (?:apart|the)|flake',
        'rest' => 'rest\b|leave to stand',
        'serve' => 'serve|scatter|garnish',
        'season' => 'season|salt the|rub|coat|dust',
        'load' => 'put .{0,60}(?:pot|casserole|dish|pan)|return|tip|pour|add|cover|lay|tuck',
        'prepare' => 'chop|slice|peel|dice|trim|cut|dry|preheat|heat the oven|mix',
    ];

    public static function of(string $sentence, bool $cooksForLong): self
    {
        if ($cooksForLong) {
            return self::Cook;
        }
        foreach (self::VERBS as $kind => $pattern) {
            if (preg_match('/\b(?:'.$pattern.')/iu', $sentence)) {
                return self::from($kind);
            }
        }

        return self::Other;
    }
}
