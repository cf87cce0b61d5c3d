<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/** Which ingredients a sentence names: by what the recipe calls them, by the last word of it, meat also as meat. */
final class Naming
{
    /** Last words of names that name no kind of food. */
    private const PARTS_OF_NAMES = [
        'stalk', 'stalks', 'stick', 'sticks', 'leaf', 'leaves', 'sprig', 'sprigs', 'powder', 'paste', 'sauce', 'juice', 'pieces', 'bunch',
        'bulb', 'seed', 'seeds', 'root', 'half', 'halves', 'head', 'ends', 'tops', 'ball', 'balls', 'block', 'bag', 'pack', 'packet',
        'pots', 'shoots', 'strands', 'threads', 'twigs', 'cubes', 'cube', 'strips', 'wedges', 'liquid', 'liquor', 'serve', 'season',
    ];
    /** How it is, or what it is like; nothing is meant by these alone. */
    private const QUALITIES = [
        'small', 'sweet', 'thick', 'thin', 'mild', 'smooth', 'lean', 'frozen', 'boiled', 'roasted', 'shredded', 'diced', 'crushed',
        'grated', 'melted', 'mixed', 'rinsed', 'split', 'toast', 'young', 'wide', 'square', 'stoned', 'bottled', 'blanched', 'flat',
        'green', 'white', 'yellow', 'gold', 'overnight', 'browning', 'thickening', 'bitter', 'infuser', 'liner', 'spray', 'spread',
        'frying',
    ];

    /** What these are called before other foods is no name of theirs: "the skin", "a stick". */
    private const NO_NAMES = [
        'skin', 'rind', 'juice', 'sauce', 'water', 'tin', 'can', 'chopped', 'sliced', 'whole', 'soaked', 'ground', 'dried', 'fresh',
        'large', 'slice', 'slices',
    ];
    /** "pound to a paste" */
    private const MADE_INTO = '/\b(?:to|into) an? (?:\p{L}+ )?paste\b/iu';
    /** Where one of these and a vegetable end alike, the bare word is its: "salt and pepper". */
    private const BARE_FIRST = [Role::Spice, Role::Salt];

    private const MEAT_WORDS = '/\b(?:gammon|ham|bacon|brisket|ribs?|shanks?|shins?|cheeks?|chuck|shoulder|neck|oxtail|hock|knuckle'
        .'|thighs?'
        .'|legs?|drumsticks?|breasts?|belly|loin|steaks?|haunch|saddle|tongue|heart|beef|pork|lamb|mutton|veal|venison|chicken|duck'
        .'|turkey'
        .'|goat|rabbit|hare|goose|pheasant|partridge)\b/u';
    /** What is said of all of a kind, where there are several. */
    private const CLASSES = ['spices' => Role::Spice, 'herbs' => Role::Herb];

    /** @var array<string, true> what the list calls things together */
    private readonly array $groups;
    /** @var array<string, list<int>> places by name, the longest names first */
    private readonly array $places;
    /** @var array<string, list<int>> sentences that it was asked about already */
    private array $told = [];

    /**
     * @param list<Ingredient> $ingredients
     * @param list<string>     $made        what the recipe makes itself: where it has a purée of its own, no tomato purée is called so
     */
    public function __construct(private readonly array $ingredients, array $made = [])
    {
        $names = array_map(self::namesOf(...), $ingredients);
        $own = array_merge([], ...$names);
        $places = [];
        $whole = array_map(static fn (Ingredient $i): string => self::single(Larder::normal($i->foodText)), $ingredients);
        foreach ($ingredients as $k => $one) {
            foreach ([...$names[$k], ...array_diff(self::kindsOf($one), $own, $made)] as $name) {
                // Where one is called so and nothing else, "onion", another that only ends so is not meant: "spring onion".
                $isAnother = Role::Meat !== $one->role && self::single($name) !== $whole[$k]
                    && \in_array(self::single($name), $whole, true);
                if (!$isAnother) {
                    $places[$name][] = $k;
                }
            }
        }
        $groups = self::groupsOf($ingredients);
        $this->groups = array_fill_keys(array_keys($groups), true);
        foreach ($groups as $name => $of) {
            $places[$name] = $of;
        }
        foreach (self::classesOf($ingredients) as $name => $of) {
            $places[$name] ??= $of;
        }
        foreach ($places as $name => $of) {
            $first = array_values(array_filter($of, static fn (int $k): bool => \in_array($ingredients[$k]->role,
                self::BARE_FIRST, true)));
            $places[$name] = [] === $first || isset($groups[$name]) || str_contains((string) $name, ' ') ? $of : $first;
        }
        uksort($places, static fn (int|string $a, int|string $b): int => \strlen((string) $b) <=> \strlen((string) $a));
        $this->places = $places;
    }

    /**
     * What a clause names: of a food that is listed twice the one that its sentence means.
     *
     * @return list<int>
     */
    public function within(string $clause, string $sentence): array
    {
        $named = $this->in($clause);
        $meant = array_values(array_intersect($named, $this->in($sentence)));

        return [] === $meant ? $named : $meant;
    }

    /** @return list<int> places among the ingredients; a word within a longer name names nothing else */
    public function in(string $sentence): array
    {
        return $this->told[$sentence] ??= $this->places($sentence);
    }

    /** @return list<int> */
    private function places(string $sentence): array
    {
        $text = ' '.Larder::normal((string) preg_replace(self::MADE_INTO, ' ', $sentence)).' ';
        $found = $several = [];
        foreach ($this->places as $name => $places) {
            if (!str_contains($text, " $name")) {
                continue;
            }
            $left = preg_replace('/(?<= )'.preg_quote((string) $name, '/').'(?:e?s)?(?= )/u', '·', $text);
            if (null !== $left && $left !== $text) {
                $text = $left;
                array_push($found, ...$places);
                // "the flour", of plain flour and of the dumplings' own
                $several[] = str_contains((string) $name, ' ') || isset($this->groups[$name]) ? [] : $places;
            }
        }
        $found = array_values(array_unique($found));
        sort($found);

        return $this->ofOnePart($found, $several);
    }

    /**
     * Of a food that is listed for several parts, the garlic of the braise and that of the gremolata, the one that is meant: of the
     * part whose other foods are named beside it, else the braise's.
     *
     * @param list<int>       $found
     * @param list<list<int>> $several that were named by one word
     *
     * @return list<int>
     */
    private function ofOnePart(array $found, array $several): array
    {
        $together = static fn (int $one, int $other): bool => [] !== array_filter(
            $several, static fn (array $of): bool => \in_array($one, $of, true) && \in_array($other, $of, true),
        );
        $twice = [];
        foreach ($found as $one) {
            foreach ($found as $other) {
                $twice[$one] ??= false;
                $twice[$one] = $twice[$one] || ($one !== $other
                    && ($this->ingredients[$one]->isLike($this->ingredients[$other]) || $together($one, $other))
                    && $this->ingredients[$one]->part !== $this->ingredients[$other]->part);
            }
        }
        $doubled = array_keys(array_filter($twice));
        if ([] === $doubled) {
            return $found;
        }
        $parts = array_map(fn (int $k): string => $this->ingredients[$k]->part->value, array_values(array_diff($found, $doubled)));
        $often = [] === $parts ? [] : array_count_values($parts);
        arsort($often);
        $meant = array_key_first($often) ?? PartKind::Braise->value;
        $kept = array_values(array_filter($found, fn (int $k): bool => !\in_array($k, $doubled, true)
            || $meant === $this->ingredients[$k]->part->value));

        return [] === array_intersect($kept, $doubled) ? $found : $kept;
    }

    /** Whether some words stand within the name of a food, "brown sugar". */
    public function isWithin(string $words): bool
    {
        $words = Larder::normal($words);
        foreach (array_keys($this->places) as $name) {
            if (str_contains($words, ' ') && str_contains(" $name ", " $words ")) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function namesOf(Ingredient $one): array
    {
        $text = Larder::normal($one->foodText);
        $last = (string) preg_replace('/^.* /u', '', $text);
        $names = [$text, $last, self::single($last)];
        $bare = (string) preg_replace('/ (?:leaves|leaf|sprigs?|stalks?)$|(?<=soy|worcestershire|hoisin) sauce$/u', '', $text);
        if ($bare !== $text) {
            $names[] = $bare;
        }
        if (Role::Meat === $one->role) {
            array_push($names, 'meat', 'joint', $one->cut->animal ?? '', ...self::meatWords($text));
        }
        if (null !== $one->food) {
            $names[] = Larder::normal($one->food->name);
        }

        $called = array_diff(
            array_filter(array_unique($names), static fn (string $name): bool => '' !== $name), $text === $last ? [] : self::NO_NAMES,
        );

        return array_values('water' === $one->food?->id ? array_unique([...$called, 'water']) : $called);
    }

    private static function isWhole(Ingredient $one): bool
    {
        return true === $one->food?->takeOut && !\in_array($one->amount?->unit, [Unit::Teaspoon, Unit::Tablespoon], true);
    }

    /** @return list<string> "ribs" and "pork" of meaty pork ribs */
    private static function meatWords(string $text): array
    {
        preg_match_all(self::MEAT_WORDS, $text, $m);

        return $m[0];
    }

    /**
     * What the recipe lists together under a name; a sauce that is made is the sauce only where its ingredients are spoken of.
     *
     * @param list<Ingredient> $ingredients
     *
     * @return array<string, list<int>>
     */
    private static function groupsOf(array $ingredients): array
    {
        $groups = [];
        foreach ($ingredients as $k => $one) {
            $called = array_unique([$one->group, (string) preg_replace('/^.* /u', '', $one->group)]);
            foreach ('' === $one->group ? [] : ['sauce' === $one->group ? [] : $called, self::asListed($one->group)] as $names) {
                foreach ($names as $name) {
                    $groups[$name][] = $k;
                }
            }
        }

        return $groups;
    }

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return array<string, list<int>>
     */
    private static function classesOf(array $ingredients): array
    {
        $classes = array_map(static fn (Role $role): array => array_keys(array_filter(
            $ingredients, static fn (Ingredient $i): bool => $role === $i->role,
        )), self::CLASSES);
        $whole = array_keys(array_filter($ingredients, self::isWhole(...)));
        $classes['whole spices'] = array_values(array_intersect($classes['spices'], $whole));
        $classes['ground spices'] = array_values(array_diff($classes['spices'], $whole));

        return array_filter($classes, static fn (array $of): bool => \count($of) > 1);
    }

    /** @return list<string> */
    private static function asListed(string $group): array
    {
        return ["$group ingredients", "ingredients for the $group", "ingredients of the $group", "everything for the $group"];
    }

    /** "leaves" are of a leaf, and nothing that is to be left. */
    private static function single(string $name): string
    {
        return (string) preg_replace(['/(?<=[lr]o|lea|ha[l])ves$/u', '/(?<!s)s$/u'], ['f', ''], $name);
    }

    /**
     * What a food is a kind of, "mushrooms" for shiitake, where nothing else of the list is called so.
     *
     * @return list<string>
     */
    private static function kindsOf(Ingredient $one): array
    {
        /** @var array<string, list<string>> $known the larder's words don't change */
        static $known = [];
        if (null === $one->food) {
            return [];
        }
        if (isset($known[$one->food->id])) {
            return $known[$one->food->id];
        }
        $kinds = [];
        foreach ($one->food->words as $word) {
            $last = (string) preg_replace('/^.* /u', '', Larder::normal($word));
            array_push($kinds, $last, self::single($last));
        }

        return $known[$one->food->id] = array_values(array_unique(array_filter(
            $kinds, static fn (string $k): bool => \strlen($k) > 3
                && !\in_array($k, [...self::PARTS_OF_NAMES, ...self::QUALITIES, ...self::NO_NAMES], true),
        )));
    }
}
