<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Dish;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Timing;

/** The starch that a recipe adds once its meat is done: its thickening, and nothing that is in the pot before. */
final readonly class ClosingStarch
{
    /**
     * @param list<string>   $foods     ids
     * @param float          $grams     of it; 0 where the recipe doesn't say how much
     * @param float          $cornGrams corn starch that it stands for
     * @param Thickener|null $thickener null where it is something else, bread or the like
     */
    private function __construct(
        public array $foods, public float $grams, public float $cornGrams, public ?Thickener $thickener, public ThickenedBy $by,
    ) {
    }

    /** @param LedgerChoices $choices what is only said for a case, and chosen */
    public static function of(Dish $dish, LedgerChoices $choices = new LedgerChoices()): ?self
    {
        $acts = array_values(array_filter(
            $dish->acts(), static fn (Act $a): bool => $a->kind->thickens() && Timing::Before !== $a->when->timing
                && ($a->isDone() || $choices->refuses("step:{$a->step()}:only-{$a->said->value}")),
        ));
        if ([] === $acts) {
            return null;
        }
        $foods = self::foods($dish, $acts);
        $corn = array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams * ($i->food->thick ?? 0.0), $foods));
        $kneaded = [] !== array_filter($acts, static fn (Act $a): bool => ActKind::ButterAndStarch === $a->kind);

        return new self(
            array_map(static fn (Ingredient $i): string => $i->key(), $foods),
            array_sum(array_map(static fn (Ingredient $i): float => (float) $i->grams, $foods)), $corn, self::thickener($foods, $kneaded),
            $kneaded ? ThickenedBy::FlourAndButter : ThickenedBy::Starch,
        );
    }

    /**
     * Of two lines of one food, the later is the one at the end.
     *
     * @param list<Act> $acts
     *
     * @return list<Ingredient>
     */
    private static function foods(Dish $dish, array $acts): array
    {
        $last = [];
        foreach (array_unique(array_merge(...array_map(static fn (Act $a): array => $a->foods, $acts))) as $id) {
            $one = $dish->ingredient($id);
            if (Role::Thickener === $one?->role && ($one->food->thick ?? 0.0) > 0) {
                $last[$one->food->id ?? $id] = $one;
            }
        }

        return array_values($last);
    }

    /** @param list<Ingredient> $foods */
    private static function thickener(array $foods, bool $kneaded): ?Thickener
    {
        foreach ($foods as $one) {
            foreach (Thickener::cases() as $thickener) {
                if (str_contains((string) $one->food?->id, $thickener->value)) {
                    return $thickener;
                }
            }
        }

        return [] !== $foods ? null : ($kneaded ? Thickener::Flour : Thickener::CornStarch);
    }
}
