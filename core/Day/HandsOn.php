<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Ingredient;

/** Minutes of work before the pot is on and after the meat is done, from the quantities. Estimates, docs/model.md §8. */
final readonly class HandsOn
{
    public const BEANS_ON = 5.0;
    private const CUTTING_PER_KG = 12.0;
    private const DRYING = 2.0;
    private const DRYING_PER_PIECE = 0.5;
    /** Small pieces are dried in a towel, all at once. */
    private const DRYING_IN_A_TOWEL = 3.0;
    private const DRYING_PER_KG = 2.0;
    private const MEASURING_A_SPICE = 1.0;
    /** Fewer are measured on the way. */
    private const FEWEST_SPICES = 3;
    public const WARMING = 2.0;
    private const BATCH = 8.0;              // two sides of four minutes
    public const BASE = 8.0;
    public const WINE = 6.0;
    public const LOADING = 5.0;
    public const LIFT = 5.0;
    public const SKIM = 4.0;
    private const SHREDDING_PER_KG = 6.0;
    private const CARVING_PER_KG = 4.0;
    public const PLATE = 5.0;
    /** Share of a pan that pieces may cover and still brown. */
    private const PAN_COVER = 0.7;

    /** @param list<Ingredient> $ingredients all but the meat */
    public static function hasBase(array $ingredients): bool
    {
        return [] !== array_filter(
            $ingredients, static fn (Ingredient $i): bool => Role::Vegetable === $i->role || Role::Aromatic === $i->role,
        );
    }

    public static function drying(Meats $meats): Term
    {
        $kilograms = $meats->boneless()->kilograms;
        $pieces = self::pieces($meats);
        $minutes = min(self::DRYING + self::DRYING_PER_PIECE * $pieces, self::DRYING_IN_A_TOWEL + self::DRYING_PER_KG * $kilograms);

        return new Term('dry-meat', round($minutes), ['pieces' => $pieces, 'kg' => $kilograms]);
    }

    private static function pieces(Meats $meats): int
    {
        return (int) array_sum(array_map(static fn (Joint $j): int => $j->count, $meats->all()));
    }

    /** In as many batches as the pan takes, or the recipe wants. */
    public static function browning(Meats $meats, Length $pan, float $wanted = 1): Term
    {
        $batches = (int) max($wanted, self::batches($meats, $pan));

        return new Term(
            'brown-meat', $batches * self::BATCH,
            ['batches' => $batches, 'pieces' => self::pieces($meats), 'panCm' => $pan->inCentimetres()],
        );
    }

    /** Loads of the pan that the meats make, each by itself. */
    public static function batches(Meats $meats, Length $pan): int
    {
        return (int) array_sum(array_map(static fn (Joint $j): int => self::loads($j, $pan), $meats->all()));
    }

    private static function loads(Joint $joint, Length $pan): int
    {
        $perBatch = max(1, (int) floor(self::PAN_COVER * \M_PI / 4 * $pan->metres ** 2 / $joint->piece->footprint()));

        return (int) ceil($joint->count / $perBatch);
    }

    /**
     * Of vegetables and fruit; null where there are none.
     *
     * @param list<Ingredient> $ingredients
     */
    public static function cutting(array $ingredients): ?Term
    {
        $grams = 0.0;
        foreach ($ingredients as $i) {
            $grams += $i->needsAKnife() ? (float) $i->grams : 0.0;
        }

        return $grams > 0 ? new Term('cut-vegetables', round($grams / 1000 * self::CUTTING_PER_KG), ['grams' => $grams]) : null;
    }

    /**
     * Of spices and other seasoning; null where there are few.
     *
     * @param list<Ingredient> $ingredients
     */
    public static function mixing(array $ingredients): ?Term
    {
        $count = \count(array_filter($ingredients, static fn (Ingredient $i): bool => Role::Spice === $i->role));

        return $count < self::FEWEST_SPICES ? null : new Term('mix-spices', $count * self::MEASURING_A_SPICE, ['count' => $count]);
    }

    /** Minutes, all of it. */
    public static function shredding(Mass $meat): float
    {
        return ceil(self::SHREDDING_PER_KG * $meat->kilograms);
    }

    /** Minutes, all of it. */
    public static function carving(Mass $meat): float
    {
        return ceil(self::CARVING_PER_KG * $meat->kilograms);
    }
}
