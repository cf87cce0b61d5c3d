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
use Pausis\Core\Recipe\Ingredient;

/** Minutes of work before the pot is on and after the meat is done, from the quantities. Estimates, docs/model.md §8. */
final class HandsOn
{
    private const CUTTING_PER_KG = 12.0;
    private const BATCH = 8.0;              // two sides of four minutes
    private const BASE = 8.0;
    private const WINE = 6.0;
    private const LOADING = 5.0;
    private const LIFT = 5.0;
    private const SKIM = 4.0;
    private const PLATE = 5.0;
    /** Share of a pan that pieces may cover and still brown. */
    private const PAN_COVER = 0.7;

    /**
     * @param list<Ingredient> $ingredients all but the meat
     * @param bool             $browns      the meat
     * @param bool             $fries       onions and friends
     * @param bool             $cuts        vegetables, or they are cut already
     */
    public static function before(array $ingredients, Joint $joint, SaucePlan $sauce, Length $pan, bool $browns = true, bool $fries = true, bool $cuts = true): Sum
    {
        $cut = 0.0;
        $base = false;
        foreach ($ingredients as $i) {
            $cut += \in_array($i->role, [Role::Vegetable, Role::Fruit], true) ? (float) $i->grams : 0.0;
            $base = $base || Role::Vegetable === $i->role || Role::Aromatic === $i->role;
        }
        $perBatch = max(1, (int) floor(self::PAN_COVER * \M_PI / 4 * $pan->metres ** 2 / $joint->piece->footprint()));
        $batches = (int) ceil($joint->count / $perBatch);
        $terms = $cuts ? [self::cutting($cut)] : [];
        if ($browns) {
            $terms[] = new Term('brown-meat', $batches * self::BATCH, ['batches' => $batches, 'pieces' => $joint->count]);
        }
        if ($fries && $base) {
            $terms[] = new Term('fry-base', self::BASE);
        }
        foreach ($sauce->changes as $change) {
            if ($change->loaded < $change->poured && LiquidFate::Late !== $change->fate) {
                $terms[] = new Term('boil-wine-down', self::WINE);
                break;
            }
        }
        $terms[] = new Term('load', self::LOADING);

        return new Sum('hands-on-before', 'min', $terms);
    }

    /** @param float $grams of vegetables and fruit */
    public static function cutting(float $grams): Term
    {
        return new Term('cut-vegetables', round($grams / 1000 * self::CUTTING_PER_KG), ['grams' => $grams]);
    }

    /** How long the meat is out of the fridge before the pot is on: browned, and loaded. */
    public static function outOfFridge(Sum $before): float
    {
        $minutes = 0.0;
        foreach ($before->terms as $term) {
            $minutes += 'cut-vegetables' === $term->code ? 0.0 : $term->value;
        }

        return $minutes;
    }

    /** @param int $waits minutes that the finished sauce stands covered */
    public static function finish(SaucePlan $sauce, bool $thickened, Length $pan, int $waits = 0): Sum
    {
        $terms = [new Term('lift-out', self::LIFT), new Term('strain-and-skim', self::SKIM)];
        if ($sauce->reduce > 0) {
            $terms[] = new Term('reduce', round(Reduction::timeFor($sauce->reduce, $pan)->inMinutes()), ['ml' => $sauce->reduce, 'panCm' => $pan->inCentimetres()]);
        }
        if ($thickened) {
            $terms[] = new Term('slurry', (float) Slurry::HOB_MINUTES);
        }
        if ($waits > 0) {
            $terms[] = new Term('sauce-waits', (float) $waits);
        }
        $terms[] = new Term('plate', self::PLATE);

        return new Sum('hands-on-finish', 'min', $terms);
    }
}
