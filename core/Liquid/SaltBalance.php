<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Recipe\Ingredient;

/** Salt, as NaCl, of everything in the pot, over the mass of everything in the pot. */
final readonly class SaltBalance
{
    /**
     * @param Sum          $sum           g
     * @param float        $potGrams      everything in the pot
     * @param float        $percentBefore and after: any reduction
     * @param float        $holdBackGrams of the recipe's own salt, until the end
     * @param float        $overGrams     of it that is over the aim, held back or not
     * @param float        $missingGrams  up to the aim, when everything that concentrates or dilutes is done
     * @param list<string> $unmeasured    salt without an amount, which isn't counted
     */
    private function __construct(
        public Sum $sum,
        public float $potGrams,
        public float $percentBefore,
        public float $percentAfter,
        public float $holdBackGrams,
        public float $overGrams,
        public float $missingGrams,
        public array $unmeasured,
    ) {
    }

    /** @param list<Ingredient> $ingredients all of the recipe but the meat and what is only for serving */
    public static function of(
        array $ingredients, Meats $meats, SaucePlan $sauce, float $evaporatedGrams, float $aimPercent = 1.0, bool $holdsBack = true,
    ): self {
        $poured = [];
        foreach ($sauce->changes as $change) {
            if (null !== $change->ingredient) {
                $poured[spl_object_id($change->ingredient)] = $change->poured;
            }
        }
        $terms = [];
        $added = $solids = 0.0;
        foreach ($ingredients as $i) {
            if (null === $i->grams) {
                continue;
            }
            $share = isset($poured[spl_object_id($i)]) && $i->millilitres > 0 ? $poured[spl_object_id($i)] / $i->millilitres : 1.0;
            $solids += $i->role->isPoured() || Role::Tool === $i->role ? 0.0 : $i->grams;
            $salt = $i->grams * $share * ($i->food->salt ?? 0.0);
            if ($salt >= 0.05) {
                $terms[] = new Term('salt-in', $salt, [
                    'food' => $i->foodText, 'grams' => $i->grams * $share, 'sharePercent' => 100 * ($i->food->salt ?? 0.0),
                ]);
                $added += Role::Salt === $i->role ? $salt : 0.0;
            }
        }
        $late = array_sum(array_map(
            static fn (LiquidChange $c): float => LiquidFate::Late === $c->fate ? $c->poured : 0.0, $sauce->changes,
        ));
        $pot = max(1.0, $meats->boneless()->inGrams() + $solids + $sauce->load + $late - $evaporatedGrams);
        $reduced = max(1.0, $pot - $sauce->reduce);
        $sum = new Sum('salt', 'g', $terms);

        $over = min($added, max(0.0, $sum->total - $aimPercent / 100 * $reduced));

        return new self($sum, $pot, 100 * $sum->total / $pot, 100 * $sum->total / $reduced,
            $holdsBack ? $over : 0.0, $over, max(0.0, $aimPercent / 100 * $reduced - $sum->total), array_values(array_map(
                static fn (Ingredient $i): string => $i->foodText,
                array_filter($ingredients, static fn (Ingredient $i): bool => Role::Salt === $i->role && null === $i->grams),
            )));
    }
}
