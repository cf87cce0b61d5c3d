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

    /** @var list<list<string>> names of each ingredient */
    private array $names;

    /** @param list<Ingredient> $ingredients */
    public function __construct(array $ingredients)
    {
        $names = array_map(self::namesOf(...), $ingredients);
        $own = array_merge([], ...$names);
        $this->names = array_map(
            static fn (array $of, Ingredient $one): array => [...$of, ...array_diff(self::kindsOf($one), $own)], $names, $ingredients,
        );
    }

    /** @return list<int> places among the ingredients */
    public function in(string $sentence): array
    {
        $text = ' '.Larder::normal($sentence).' ';
        $places = [];
        foreach ($this->names as $k => $names) {
            foreach ($names as $name) {
                if (str_contains($text, " $name ") || str_contains($text, " {$name}s ") || str_contains($text, " {$name}es ")) {
                    $places[] = $k;
                    break;
                }
            }
        }

        return $places;
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

        return array_values(array_filter(array_unique($names), static fn (string $name): bool => '' !== $name));
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
            $kinds, static fn (string $k): bool => \strlen($k) > 3 && !\in_array($k, self::PARTS_OF_NAMES, true),
        )));
    }
}
