<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Ingredient;

/** Which ingredients a sentence names: by what the recipe calls them, by the last word of it, meat also as meat. */
final readonly class Naming
{
    /** Last words of names that name no kind of food. */
    private const PARTS_OF_NAMES = [
        'stalk', 'stalks', 'stick', 'sticks', 'leaf', 'leaves', 'sprig', 'sprigs', 'powder', 'paste', 'sauce', 'juice', 'pieces', 'bunch',
        'bulb', 'seed', 'seeds', 'root',
    ];

    /** What these are called before other foods is no name of theirs: "the skin", "a stick". */
    private const NO_NAMES = [
        'skin', 'rind', 'juice', 'water', 'tin', 'can', 'chopped', 'sliced', 'whole', 'soaked', 'ground', 'dried', 'fresh', 'large',
    ];
    /** Where one of these and a vegetable end alike, the bare word is its: "salt and pepper". */
    private const BARE_FIRST = [Role::Spice, Role::Salt];

    /** @var array<string, list<int>> places by name, the longest names first */
    private array $places;

    /** @param list<Ingredient> $ingredients */
    public function __construct(array $ingredients)
    {
        $names = array_map(self::namesOf(...), $ingredients);
        $own = array_merge([], ...$names);
        $places = [];
        foreach ($ingredients as $k => $one) {
            foreach ([...$names[$k], ...array_diff(self::kindsOf($one), $own)] as $name) {
                $places[$name][] = $k;
            }
        }
        foreach ($places as $name => $of) {
            $first = array_values(array_filter($of, static fn (int $k): bool => \in_array($ingredients[$k]->role, self::BARE_FIRST, true)));
            $places[$name] = [] === $first || str_contains((string) $name, ' ') ? $of : $first;
        }
        uksort($places, static fn (int|string $a, int|string $b): int => \strlen((string) $b) <=> \strlen((string) $a));
        $this->places = $places;
    }

    /** @return list<int> places among the ingredients; a word within a longer name names nothing else */
    public function in(string $sentence): array
    {
        $text = ' '.Larder::normal($sentence).' ';
        $found = [];
        foreach ($this->places as $name => $places) {
            $left = preg_replace('/(?<= )'.preg_quote((string) $name, '/').'(?:e?s)?(?= )/u', '·', $text);
            if (null !== $left && $left !== $text) {
                $text = $left;
                array_push($found, ...$places);
            }
        }
        $found = array_values(array_unique($found));
        sort($found);

        return $found;
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
        $names = [$text, $last, (string) preg_replace('/s$/u', '', $last)];
        $bare = (string) preg_replace('/ (?:leaves|leaf|sprigs?|stalks?)$/u', '', $text);
        if ($bare !== $text) {
            $names[] = $bare;
        }
        if (Role::Meat === $one->role) {
            array_push($names, 'meat', 'joint', $one->cut->animal ?? '');
        }
        if (null !== $one->food) {
            $names[] = Larder::normal($one->food->name);
        }

        $called = array_diff(
            array_filter(array_unique($names), static fn (string $name): bool => '' !== $name), $text === $last ? [] : self::NO_NAMES,
        );

        return array_values('water' === $one->food?->id ? array_unique([...$called, 'water']) : $called);
    }

    /**
     * What a food is a kind of, "mushrooms" for shiitake, where nothing else of the list is called so.
     *
     * @return list<string>
     */
    private static function kindsOf(Ingredient $one): array
    {
        $kinds = [];
        foreach ($one->food->words ?? [] as $word) {
            $last = (string) preg_replace('/^.* /u', '', Larder::normal($word));
            array_push($kinds, $last, (string) preg_replace('/s$/u', '', $last));
        }

        return array_values(array_unique(array_filter(
            $kinds, static fn (string $k): bool => \strlen($k) > 3
                && !\in_array($k, [...self::PARTS_OF_NAMES, ...self::NO_NAMES], true),
        )));
    }
}
