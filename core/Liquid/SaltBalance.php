<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Recipe\Ingredient;

/** Salt, as NaCl: of all that is in the pot, and of the sauce when it is boiled down by itself. */
final readonly class SaltBalance
{
    /** Share of a sauce over which boiling it down is refused and thickening offered instead. */
    public const SALTIEST = 0.014;

    /**
     * @param Sum          $sum           g
     * @param float        $potGrams      everything in the pot
     * @param float        $percentBefore of all that is in the pot, which is about that of its sauce
     * @param float        $percentAfter  of the sauce, once it is boiled down: the meat's salt stays where it is
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

    /** Of the sauce at its end without what is held back, of which so much is left, mL. */
    public function percentOf(SaucePlan $sauce, float $left): float
    {
        return 100 * ($this->sum->total - $this->holdBackGrams) / $this->potGrams * ($left > 0 ? $sauce->atEnd->total / $left : 1.0);
    }

    /** Up to the aim, of what is in the pot, g: what was held back counts as missing. */
    public function toTaste(SaucePlan $sauce, float $aimPercent): float
    {
        return max(0.0, $aimPercent / 100 * ($this->potGrams - $sauce->reduce) - ($this->sum->total - $this->holdBackGrams));
    }

    /** The sauce, boiled down no further than it stays eatable, what is held back counted out. */
    public function limiting(SaucePlan $sauce): SaucePlan
    {
        $share = ($this->sum->total - $this->holdBackGrams) / $this->potGrams;
        $most = $sauce->atEnd->total * (1 - min(1.0, $share / self::SALTIEST));

        return $sauce->reduce <= $most + 1 ? $sauce : $sauce->reducedLess(max(0.0, $most));
    }

    /** @param list<Ingredient> $ingredients all of the recipe but the meat and what is only for serving */
    public static function of(
        array $ingredients, Meats $meats, SaucePlan $sauce, float $evaporatedGrams, float $aimPercent = 1.0, bool $holdsBack = true,
        ?float $held = null,
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
        $liquid = $sauce->load + $late + $sauce->more + $sauce->toppedUp;
        $pot = max(1.0, $meats->boneless()->inGrams() + $solids + $liquid - $evaporatedGrams);
        $reduced = max(1.0, $pot - $sauce->reduce);
        if ($sauce->toppedUp < 0) {
            // What was ladled off took its salt with it.
            $all = array_sum(array_map(static fn (Term $t): float => $t->value, $terms));
            $terms[] = new Term('salt-ladled-off', $all * $sauce->toppedUp / ($pot - $sauce->toppedUp));
        }
        $sum = new Sum('salt', 'g', $terms);

        $inSauce = 100 * $sum->total / $pot * ($sauce->left() > 0 ? max(1.0, $sauce->atEnd->total / $sauce->left()) : 1.0);
        $over = min($added, max(
            0.0, $sum->total - $aimPercent / 100 * $reduced, $sum->total * (1 - 100 * self::SALTIEST / max(100 * self::SALTIEST, $inSauce)),
        ));

        return new self($sum, $pot, 100 * $sum->total / $pot, $inSauce,
            $held ?? ($holdsBack ? $over : 0.0), $over, max(0.0, $aimPercent / 100 * $reduced - $sum->total), array_values(array_map(
                static fn (Ingredient $i): string => $i->foodText,
                array_filter($ingredients, static fn (Ingredient $i): bool => Role::Salt === $i->role && null === $i->grams),
            )));
    }
}
