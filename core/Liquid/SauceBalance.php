<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\OtherWay;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Recipe\OriginalMethod;

/**
 * sauce at the end = liquid added + meat juice + vegetable water − absorbed by starch − evaporated.
 *
 * Solved for the liquid to load so that the sauce is what the recipe's own way would have braised, but at least a floor a
 * serving; what the recipe boils off at the end, and what the level school asks for beyond it, is reduced on the hob.
 */
final readonly class SauceBalance
{
    public const LEAST_MILLILITRES_A_SERVING = 60.0;
    /** Volume left of wine boiled down by half, and of beer or cider boiled until it smells of malt or fruit, not of drink. */
    private const LEFT_OF_WINE = 0.5;
    private const LEFT_OF_BEER = 0.75;
    private const WINE_FROM_ALCOHOL = 0.08;
    /** Nobody measures liquid finer than this, mL. */
    private const STEP = 5.0;
    /** Less than this boils away while the pan comes to the boil, mL. */
    private const LEAST_REDUCTION = 20.0;

    /**
     * @param list<Ingredient> $ingredients all of the recipe but the meat and what is only for serving
     */
    public function __construct(
        private array $ingredients, private int $serves, private OwnBoiling $own, private LiquidWishes $wishes = new LiquidWishes(),
    ) {
    }

    /**
     * @param float  $recipeMeatScale the recipe's meat over the cook's
     * @param float  $boil            °C
     * @param PotEnd $end             of this pot
     */
    public function solve(
        Meats $meats, float $recipeMeatScale, ?OriginalMethod $original, float $boil, PotGeometry $geometry, LevelSchool $school,
        PotEnd $end,
    ): SaucePlan {
        $inThePot = Method::SlowCooker === $original?->method
            ? $this->asThisPot($meats, $recipeMeatScale, $end)
            : $this->original($meats, $recipeMeatScale, $original, $boil);
        $originally = $this->boiledOff($inThePot);
        $floor = self::LEAST_MILLILITRES_A_SERVING * $this->serves;
        $braised = max($inThePot->total, $floor);
        $away = null === $this->wishes->leaves ? $inThePot->total - $originally->total : (1 - $this->wishes->leaves) * $braised;
        $target = max($braised - $away, min($braised, $floor / 2));

        $given = $this->given($meats, $end);
        $late = array_sum(array_map(fn (Ingredient $i): float => $this->isLate($i) ? (float) $i->millilitres : 0.0, $this->ingredients));
        $wanted = $braised - $late - array_sum(array_map(static fn (Term $t): float => $t->value, $given));
        $changes = $this->allocate(max($wanted, $geometry->least($school)));
        $load = array_sum(array_map(static fn (LiquidChange $c): float => $c->loaded, $changes));

        $terms = [new Term('loaded', $load)];
        if ($late > 0) {
            $terms[] = new Term('stirred-in-late', $late);
        }
        $atEnd = new Sum('sauce-at-end', 'mL', [...$terms, ...$given]);

        $recipe = $this->poured(static fn (Ingredient $i): float => 1.0);
        $reduce = $this->wishes->reduces ? self::worthReducing($atEnd->total - $target) : 0.0;

        return new SaucePlan($originally, $atEnd, $target, $inThePot->total < $floor, $load, $recipe, $reduce, $changes);
    }

    /** What the recipe boils off its sauce at the end isn't in it any more, nor was what it pours in afterwards. */
    private function boiledOff(Sum $sum): Sum
    {
        $afterwards = $this->poured(fn (Ingredient $i): float => \in_array($i->key(), $this->own->afterwards, true) ? 1.0 : 0.0);
        $away = $this->own->awayFrom($sum->total - $afterwards);

        return $away < 1 ? $sum : new Sum($sum->code, $sum->unit, [...$sum->terms, new Term('boiled-off-by-recipe', -$away)]);
    }

    /** A recipe for a slow cooker loses under its lid what this pot loses: one that works gets its own liquid back. */
    private function asThisPot(Meats $meats, float $scale, PotEnd $end): Sum
    {
        $given = array_map(
            static fn (Term $t): Term => 'meat-juice' === $t->code ? new Term(
                $t->code, $t->value * $scale, ['leanGrams' => $meats->lean()->inGrams() * $scale] + $t->from,
            ) : $t,
            $this->given($meats, $end),
        );

        return new Sum(
            'sauce-originally', 'mL',
            [
                new Term('recipe-liquid', $this->poured($this->leftByRecipe(...))),
                ...$given,
            ],
        );
    }

    private function original(Meats $meats, float $scale, ?OriginalMethod $original, float $boil): Sum
    {
        $celsius = null === $original ? $boil - 5 : OtherWay::settles($original, $boil);
        $hours = $original->hours ?? 3.0;
        $terms = [
            new Term('recipe-liquid', $this->poured($this->leftByRecipe(...))),
            new Term('meat-juice', MeatJuice::of($meats, $celsius, max(0.0, $hours - 1))->inGrams() * $scale, [
                'leanGrams' => $meats->lean()->inGrams() * $scale, 'sharePercent' => 100 * MeatJuice::share($celsius, max(0.0, $hours - 1)),
            ]),
            ...$this->foodTerms(),
        ];
        if (null !== $original) {
            $terms[] = new Term('evaporated-'.$original->method->value, -Evaporation::of($original), ['hours' => $original->hours]);
        }

        return new Sum('sauce-originally', 'mL', $terms);
    }

    /**
     * What meat and food give and take in this pot.
     *
     * @return list<Term>
     */
    private function given(Meats $meats, PotEnd $end): array
    {
        return [
            new Term('meat-juice', MeatJuice::of($meats, $end->celsius, $end->hoursAbove90)->inGrams(), [
                'leanGrams' => $meats->lean()->inGrams(), 'sharePercent' => 100 * MeatJuice::share($end->celsius, $end->hoursAbove90),
            ]),
            ...$this->foodTerms(),
            new Term('evaporated-lid-on', -$end->evaporatedGrams),
        ];
    }

    /** @return list<Term> */
    private function foodTerms(): array
    {
        $terms = [];
        foreach ($this->ingredients as $i) {
            if (null === $i->food || null === $i->grams) {
                continue;
            }
            if (0.0 !== $i->food->water && !$i->role->isPoured()) {
                $terms[] = new Term('food-water', $i->grams * $i->food->water, [
                    'food' => $i->food->name, 'grams' => $i->grams, 'sharePercent' => 100 * $i->food->water,
                ]);
            }
            if ($i->food->absorbs > 0) {
                $terms[] = new Term('absorbed', -$i->grams * $i->food->absorbs, [
                    'food' => $i->food->name, 'grams' => $i->grams, 'times' => $i->food->absorbs,
                ]);
            }
        }

        return $terms;
    }

    /** @param callable(Ingredient): float $left share of each that counts */
    private function poured(callable $left): float
    {
        $total = 0.0;
        foreach ($this->ingredients as $i) {
            $total += $i->role->isPoured() ? (float) $i->millilitres * $left($i) : 0.0;
        }

        return $total;
    }

    private function isLate(Ingredient $ingredient): bool
    {
        return (Role::Dairy === $ingredient->role && !\in_array($ingredient->key(), $this->wishes->early, true))
            || \in_array($ingredient->key(), $this->own->afterwards, true);
    }

    private function left(Ingredient $ingredient): float
    {
        return \in_array($ingredient->key(), $this->wishes->unboiled, true)
            ? 1.0
            : $this->own->left[$ingredient->key()] ?? self::leftOfBoiled($ingredient);
    }

    private function leftByRecipe(Ingredient $ingredient): float
    {
        return $this->own->wine ? $this->left($ingredient) : 1.0;
    }

    /** Share of a liquid that is left when it has been boiled down in the pan: 1 for what isn't. */
    public static function leftOfBoiled(Ingredient $ingredient): float
    {
        $alcohol = $ingredient->food->alcohol ?? 0.0;

        return match (true) {
            $alcohol >= self::WINE_FROM_ALCOHOL => self::LEFT_OF_WINE,
            $alcohol > 0 => self::LEFT_OF_BEER,
            default => 1.0,
        };
    }

    /**
     * Shares out what may be loaded: kept liquids first, then the thickest of the rest; the thinnest is cut first.
     *
     * @param float $wanted mL in the pot at the start
     *
     * @return list<LiquidChange> in the recipe's order
     */
    private function allocate(float $wanted): array
    {
        $changes = $cuttable = [];
        $room = $wanted;
        foreach ($this->ingredients as $k => $i) {
            if (!$i->role->isPoured() || null === $i->millilitres || 0.0 === $i->millilitres) {
                continue;
            }
            $left = $this->left($i);
            if ($this->isLate($i)) {
                $changes[$k] = new LiquidChange($i, $i->millilitres, $i->millilitres, 0.0, LiquidFate::Late);
            } elseif (isset($this->wishes->fixed[$i->key()])) {
                $poured = $this->wishes->fixed[$i->key()];
                $room -= $poured * $left;
                $changes[$k] = new LiquidChange($i, $i->millilitres, $poured, $poured * $left, LiquidFate::Fixed);
            } elseif (null !== $i->food?->cut) {
                $cuttable[$k] = $i;
            } else {
                $room -= $i->millilitres * $left;
                $changes[$k] = new LiquidChange(
                    $i, $i->millilitres, $i->millilitres, $i->millilitres * $left, $left < 1 ? LiquidFate::BoiledDown : LiquidFate::Kept,
                );
            }
        }
        uasort($cuttable, static fn (Ingredient $a, Ingredient $b): int => $b->food?->cut <=> $a->food?->cut);
        foreach ($cuttable as $k => $i) {
            $left = $this->left($i);
            $poured = min((float) $i->millilitres, self::rounded(max(0.0, $room) / $left));
            $room -= $poured * $left;
            $changes[$k] = new LiquidChange($i, (float) $i->millilitres, $poured, $poured * $left, match (true) {
                $poured < $i->millilitres => LiquidFate::Cut,
                $left < 1 => LiquidFate::BoiledDown,
                default => LiquidFate::Kept,
            });
        }
        ksort($changes);
        $extra = $this->wishes->addsWater ? self::rounded($room) : 0.0;
        $thinnest = array_key_last($cuttable);
        if ($extra > 0 && null !== $thinnest && 1.0 === $this->left($cuttable[$thinnest])) {
            // More of the recipe's own stock tastes of more than water does.
            $more = $changes[$thinnest]->poured + $extra;
            $changes[$thinnest] = new LiquidChange(
                $cuttable[$thinnest], (float) $cuttable[$thinnest]->millilitres, $more, $more, LiquidFate::Added,
            );
        } elseif ($extra > 0) {
            $changes[] = new LiquidChange(null, 0.0, $extra, $extra, LiquidFate::Added);
        }

        return array_values($changes);
    }

    /** Of so much too much, mL: little boils away while the pan comes to the boil. */
    public static function worthReducing(float $excess): float
    {
        return $excess >= self::LEAST_REDUCTION ? $excess : 0.0;
    }

    private static function rounded(float $millilitres): float
    {
        return max(0.0, self::STEP * round($millilitres / self::STEP));
    }
}
