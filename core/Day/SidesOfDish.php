<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;

/** What a recipe serves beside its braise that the table of side dishes knows, with the recipe's own amounts. */
final readonly class SidesOfDish
{
    /** @var list<Side> */
    private array $found;
    /** @var list<Act> */
    private array $acts;

    public function __construct(private Dish $dish, Sides $table)
    {
        $this->acts = self::actsBeside($dish);
        $this->found = $this->named($table);
    }

    /** @return list<Side> */
    public function all(): array
    {
        return array_map($this->measured(...), $this->found);
    }

    /** With the recipe's own amount, where it has one. */
    public function measured(Side $side): Side
    {
        $acts = $this->toldBy([$side->id]);
        foreach ($this->ingredients() as $i) {
            if ((float) $i->grams > 0 && self::isOf($side, $i->foodText)) {
                return $side->ofRecipe((float) $i->grams, trim("$i->amountText $i->foodText"), $acts);
            }
        }

        return $side->ofRecipe(null, '', $acts);
    }

    /**
     * Acts that these sides tell, ids.
     *
     * @param list<string> $ids of sides
     *
     * @return list<string>
     */
    public function toldBy(array $ids): array
    {
        $told = [];
        $before = false;
        foreach ($this->acts as $act) {
            if (ActKind::Serve === $act->kind) {
                continue;
            }
            $sides = array_filter($this->found, static fn (Side $s): bool => \in_array($s->id, $ids, true) && self::isOf(
                $s, [] === $act->foods ? "$act->words $act->source" : $act->words,
            ));
            $before = [] !== $sides || ($before && [] === $act->foods);
            $told = $before ? [...$told, $act->id] : $told;
        }

        return $told;
    }

    /**
     * Those of the recipe's that aren't made, with what of it is theirs alone.
     *
     * @param list<string> $made ids of sides
     *
     * @return list<SideLeftOut>
     */
    public function leftOut(array $made): array
    {
        $kept = $this->toldBy($made);
        $left = [];
        foreach (array_filter($this->found, static fn (Side $s): bool => !\in_array($s->id, $made, true)) as $side) {
            $foods = array_filter($this->ingredients(), static fn (Ingredient $i): bool => self::isOf($side, $i->foodText));
            $left[] = new SideLeftOut(
                $side->id, implode(', ', [$side->name, ...array_map(
                    static fn (Ingredient $i): string => trim("$i->amountText $i->foodText"), $foods,
                )]),
                array_values(array_diff($this->toldBy([$side->id]), $kept)),
                array_values(array_map(static fn (Ingredient $i): string => $i->key(), $foods)),
            );
        }

        return $left;
    }

    /** @return list<Act> */
    private static function actsBeside(Dish $dish): array
    {
        $acts = array_values(array_filter(
            $dish->acts(), static fn (Act $a): bool => \in_array($a->kind, [ActKind::SideWork, ActKind::Serve], true),
        ));
        foreach ($dish->beside() as $part) {
            array_push($acts, ...(PartKind::Side === $part->kind ? $part->acts : []));
        }

        return $acts;
    }

    /** @return list<Ingredient> */
    private function ingredients(): array
    {
        return array_values(array_filter($this->dish->ingredients, static fn (Ingredient $i): bool => PartKind::Side === $i->part));
    }

    /** @return list<Side> one of each staple */
    private function named(Sides $table): array
    {
        $text = implode("\n", [
            ...array_map(static fn (Act $a): string => $a->words, $this->acts),
            ...array_map(static fn (Ingredient $i): string => $i->foodText, $this->ingredients()),
        ]);
        $found = [];
        foreach ([false, true] as $otherwise) {
            foreach ($table->all() as $side) {
                if (!isset($found[$side->staple]) && self::names($side, $text, $otherwise)) {
                    $found[$side->staple] = $side;
                }
            }
        }

        return array_values($found);
    }

    private static function names(Side $side, string $text, bool $otherwise): bool
    {
        $words = $otherwise ? [...$side->words, ...$side->else] : $side->words;
        $pattern = implode('|', array_map(static fn (string $w): string => preg_quote($w, '/'), $words));

        $other = implode('|', array_map(static fn (string $w): string => preg_quote($w, '/'), $side->not));

        return '' !== $pattern && ('' === $other || !preg_match("/\\b(?:$other)\\b/iu", $text)) && 1 === preg_match(
            "/(?<![\\p{L}-])(?:$pattern)(?![\\p{L}])/iu", $text,
        );
    }

    /** Whether it is named, or what it is made of. */
    private static function isOf(Side $side, string $text): bool
    {
        return self::names($side, $text, true) || 1 === preg_match("/(?<!\\p{L})$side->staple(?:e?s)?(?!\\p{L})/iu", $text);
    }
}
