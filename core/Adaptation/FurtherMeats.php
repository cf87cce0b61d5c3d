<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\PartKind;
use Pausis\Core\Recipe\Pieces;

/**
 * The meats of a recipe's other lines as they lie in the pot. What a line doesn't say is taken on the safe side: one piece, at the
 * weight that such a piece usually has.
 */
final readonly class FurtherMeats
{
    private const GRAMS_A_CUBIC_CENTIMETRE = 1.05;
    /** So many of the pieces that a line's words usually mean: larger ones heat up more slowly. */
    private const FEWER = 0.6;

    public function __construct(private Cuts $cuts)
    {
    }

    /**
     * @param list<Ingredient>                                                $ingredients of the recipe, what is only if liked included
     * @param Cut                                                             $cut         of the meat that the braise is made of
     * @param Mass                                                            $weight      of it, with its bone
     * @param array<string, array{pieces: int|null, thicknessCm: float|null}> $said        of them by the cook, by line
     *
     * @return list<FurtherMeat>
     */
    public function besides(array $ingredients, Cut $cut, Mass $weight, Temperature $start, array $said = []): array
    {
        $meats = array_values(array_filter(
            $ingredients, static fn (Ingredient $i): bool => Role::Meat === $i->role
                && \in_array($i->part, [PartKind::Braise, PartKind::Marinade], true),
        ));
        $own = self::own($meats, $cut, $weight);
        $further = [];
        foreach ($meats as $meat) {
            array_push($further, ...($meat === $own ? [] : array_filter([$this->meat($meat, $cut, $start, $said[$meat->key()] ?? null)])));
        }

        return $further;
    }

    /**
     * The line that the braise's own meat is: of its cut, and nearest to its weight.
     *
     * @param list<Ingredient> $meats
     */
    private static function own(array $meats, Cut $cut, Mass $weight): ?Ingredient
    {
        $of = array_values(array_filter($meats, static fn (Ingredient $i): bool => $cut->id === $i->cut?->id));
        $of = [] === $of ? array_values(array_filter($meats, static fn (Ingredient $i): bool => null === $i->cut)) : $of;
        $of = [] === $of ? $meats : $of;
        usort($of, static fn (Ingredient $a, Ingredient $b): int => self::apart($a, $weight) <=> self::apart($b, $weight));

        return $of[0] ?? null;
    }

    private static function apart(Ingredient $i, Mass $weight): float
    {
        return abs(log(max(1.0, (float) $i->grams) / max(1.0, $weight->inGrams())));
    }

    /** @param array{pieces: int|null, thicknessCm: float|null}|null $said */
    private function meat(Ingredient $i, Cut $like, Temperature $start, ?array $said): ?FurtherMeat
    {
        $cut = $i->cut ?? $this->cuts->offered("$i->foodText $i->source")[0] ?? $like;
        $count = null !== $i->amount && null === $i->amount->unit ? max(1, (int) round($i->amount->middle())) : null;
        $grams = $i->grams ?? ($count ?? 1) * $cut->typicalPiece->inGrams();
        $range = Range::meatKilograms();
        $boneless = max($range->least, min($range->most, $grams / 1000 * (1 - $cut->bone)));
        $size = $said['thicknessCm'] ?? Pieces::sizeIn($i->source)[1] ?? null;
        $pieces = $said['pieces'] ?? (null !== $size && (null === $count || $count < 2)
            ? (int) round($grams / (self::GRAMS_A_CUBIC_CENTIMETRE * $size ** 3))
            : $count ?? self::usual($i, $cut, $grams));
        $pieces = max(1, min((int) Range::pieces()->most, $pieces));
        $joint = $this->joint($cut, $boneless, $pieces, $size, $start) ?? $this->joint($cut, $boneless, $pieces, null, $start);

        return null === $joint ? null : new FurtherMeat($i->key(), $i->foodText, $joint, Mass::kilograms($grams / 1000 * $cut->bone));
    }

    private static function usual(Ingredient $i, Cut $cut, float $grams): int
    {
        $meant = Pieces::meantBy($i->source, $grams);

        return match (true) {
            [] !== $meant => (int) max(1, round(self::FEWER * max($meant))),
            $cut->soldInPieces => (int) max(1, round($grams / $cut->typicalPiece->inGrams())),
            default => 1,
        };
    }

    private function joint(Cut $cut, float $kilograms, int $pieces, ?float $thickness, Temperature $start): ?Joint
    {
        return Joint::tryFrom($cut, $kilograms, $pieces, $thickness, $start->celsius, null, new Problems());
    }
}
