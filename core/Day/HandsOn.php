<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Reduction;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Larder\Role;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\SaucePlan;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Rules;

/** Minutes of work before the pot is on and after the meat is done, from the quantities. Estimates, docs/model.md §8. */
final readonly class HandsOn
{
    private const BEANS_ON = 5.0;
    private const CUTTING_PER_KG = 12.0;
    private const DRYING = 2.0;
    private const DRYING_PER_PIECE = 0.5;
    private const MEASURING_A_SPICE = 1.0;
    /** Fewer are measured on the way. */
    private const FEWEST_SPICES = 3;
    private const WARMING = 2.0;
    private const BATCH = 8.0;              // two sides of four minutes
    private const BASE = 8.0;
    private const WINE = 6.0;
    private const LOADING = 5.0;
    private const LIFT = 5.0;
    private const SKIM = 4.0;
    private const SHREDDING_PER_KG = 6.0;
    private const PLATE = 5.0;
    /** Share of a pan that pieces may cover and still brown. */
    private const PAN_COVER = 0.7;

    /** @param list<Ingredient> $ingredients all but the meat */
    public static function before(array $ingredients, Joint $joint, SaucePlan $sauce, Length $pan, Preparation $preparation): Sum
    {
        $base = false;
        foreach ($ingredients as $i) {
            $base = $base || Role::Vegetable === $i->role || Role::Aromatic === $i->role;
        }
        $perBatch = max(1, (int) floor(self::PAN_COVER * \M_PI / 4 * $pan->metres ** 2 / $joint->piece->footprint()));
        $batches = (int) ceil($joint->count / $perBatch);
        $terms = [$preparation->cuts ? self::cutting($ingredients) : null, $preparation->mixes ? self::mixing($ingredients) : null, self::beans($ingredients)];
        if ($preparation->browns) {
            $terms[] = new Term('dry-meat', round(self::DRYING + self::DRYING_PER_PIECE * $joint->count), ['pieces' => $joint->count]);
            $terms[] = new Term('brown-meat', $batches * self::BATCH, ['batches' => $batches, 'pieces' => $joint->count, 'panCm' => $pan->inCentimetres()]);
        }
        $terms[] = $preparation->fries && $base ? new Term('fry-base', self::BASE) : null;
        foreach ($sauce->changes as $change) {
            if ($change->loaded < $change->poured && LiquidFate::Late !== $change->fate) {
                $terms[] = new Term('boil-wine-down', self::WINE);
                break;
            }
        }
        $terms[] = $preparation->warmsInsert ? new Term('warm-insert', self::WARMING) : null;
        $terms[] = new Term('load', self::LOADING);

        return new Sum('hands-on-before', 'min', array_values(array_filter($terms)));
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
            $grams += \in_array($i->role, [Role::Vegetable, Role::Fruit], true) ? (float) $i->grams : 0.0;
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

    /** @param list<Ingredient> $ingredients */
    private static function beans(array $ingredients): ?Term
    {
        foreach ($ingredients as $i) {
            if (true === $i->food?->phaseolus) {
                return new Term('beans-on', self::BEANS_ON, ['food' => $i->foodText]);
            }
        }

        return null;
    }

    /** Minutes from beginning to switching on: beans boil for longer than the work beside them may take. */
    public static function lead(Sum $before): float
    {
        $beans = array_filter($before->terms, static fn (Term $t): bool => 'beans-on' === $t->code);

        return [] === $beans ? $before->total : max($before->total, self::BEANS_ON + Rules::BEAN_MINUTES + self::LOADING);
    }

    /** How long the meat is out of the fridge before the pot is on: browned, and loaded. */
    public static function outOfFridge(Sum $before): float
    {
        $minutes = 0.0;
        foreach ($before->terms as $term) {
            $minutes += \in_array($term->code, ['cut-vegetables', 'mix-spices', 'beans-on', 'warm-insert'], true) ? 0.0 : $term->value;
        }

        return $minutes;
    }

    /** The same without the loading itself. */
    public static function beforeLoading(Sum $before): float
    {
        return self::outOfFridge($before) - self::LOADING;
    }

    /** @param Mass|null $pulled meat that is shredded, while the sauce boils down */
    public static function finish(SaucePlan $sauce, bool $thickened, Length $pan, ?Mass $pulled = null): Sum
    {
        $terms = [new Term('lift-out', self::LIFT), new Term('strain-and-skim', self::SKIM)];
        $reducing = $sauce->reduce > 0 ? round(Reduction::timeFor($sauce->reduce, $pan)->inMinutes()) : 0.0;
        if ($reducing > 0) {
            $terms[] = new Term('reduce', $reducing, ['ml' => $sauce->reduce, 'panCm' => $pan->inCentimetres()]);
        }
        $shredding = null === $pulled ? 0.0 : self::shredding($pulled);
        if ($shredding > $reducing) {
            $terms[] = new Term('shred-meat', $shredding - $reducing, ['kg' => $pulled->kilograms ?? 0.0, 'minutes' => $reducing]);
        }
        if ($thickened) {
            $terms[] = new Term('slurry', (float) Slurry::HOB_MINUTES);
        }
        $terms[] = new Term('plate', self::PLATE);

        return new Sum('hands-on-finish', 'min', $terms);
    }

    /** Minutes, all of it. */
    public static function shredding(Mass $meat): float
    {
        return ceil(self::SHREDDING_PER_KG * $meat->kilograms);
    }
}
