<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\AmountReader;
use Pausis\Core\Recipe\Amount;

/** What an amount of a food weighs, g, and holds, mL, by its unit, its pieces, and what is said behind it. */
final readonly class Weighing
{
    private const CONTAINER = '/\b(?:cans?|tins?|bottles?|jars?|cartons?)\b/iu';
    private const DRAINED_WEIGHT = '/\bdrained (?:weight )?(?:about |ca\.? )?(?<grams>\d{2,4})\s*g\b/iu';
    /** A drained tin holds this share of its weight. */
    private const DRAINED_SHARE = 0.6;
    /** Ready for the pot, as sold. */
    private const WHOLE_GRAMS = [
        'chicken' => 1600.0, 'rabbit' => 1300.0, 'duck' => 2200.0, 'hare' => 2200.0, 'guinea fowl' => 1200.0, 'hen' => 1800.0,
        'boiling fowl' => 1800.0, 'pheasant' => 800.0,
    ];
    /** Of a medium one. */
    private const SMALL = 0.65;
    /** Of what is grown, from so many grams a piece; what is always small weighs what it weighs. */
    private const BABY = 0.3;
    private const GROWN = 60.0;
    private const LARGE = 1.4;

    public function __construct(private AmountReader $amounts, private UnitSystem $system)
    {
    }

    public function millilitres(?Amount $amount, ?Food $food, string $notes): ?float
    {
        return $this->pouredInNotes($amount, $notes, $food) ?? $this->poured($amount, $food);
    }

    public function grams(?Amount $amount, ?Food $food, ?Cut $cut, string $notes, string $words): ?float
    {
        return $this->weighedInNotes($amount, $notes) ?? $this->weighed($amount, $food, $cut, $notes, $words);
    }

    private function poured(?Amount $amount, ?Food $food): ?float
    {
        if (null === $amount) {
            return null;
        }
        if (null === $amount->unit || Unit::Piece === $amount->unit) {
            return null === $food?->pieceMillilitres ? null : $amount->middle() * $food->pieceMillilitres;
        }
        // A can of so many ounces to pour is measured in fluid ones.
        $unit = Unit::Ounce === $amount->unit && Role::Liquid === $food?->role ? Unit::FluidOunce : $amount->unit;
        $each = null === $food ? $unit->millilitres($this->system) : $food->millilitresIn($unit, $this->system);

        return null === $each ? null : $amount->middle() * $each;
    }

    /** "1 ginger ale, can (12 fl oz)", "2 bottles, 330 ml each": what a container holds, said behind it. */
    private function pouredInNotes(?Amount $amount, string $notes, ?Food $food): ?float
    {
        $unit = $amount?->unit;
        $isCounted = null === $unit || ($unit->isContainer() && null === $amount->container);
        if (null === $amount || !$isCounted || true !== $food?->role->isPoured()
            || (null === $unit && !preg_match(self::CONTAINER, $notes))) {
            return null;
        }
        $holds = $this->amounts->volumeIn($notes);
        $each = (Unit::Ounce === $holds?->unit ? Unit::FluidOunce : $holds?->unit)?->millilitres($this->system);

        return null === $holds || null === $each ? null : $amount->middle() * $holds->middle() * $each;
    }

    /** "4 shanks (about 1.6 kg)", "2 joints, 900 g each": the weight beside a count. */
    private function weighedInNotes(?Amount $amount, string $notes): ?float
    {
        if (null === $amount
            || (null !== $amount->unit && !$amount->unit->isContainer() && null !== $amount->unit->grams())
            || null !== $amount->container
            || '' === $notes) {
            return null;
        }
        if (preg_match(self::DRAINED_WEIGHT, $notes, $m)) {
            return (float) $m['grams'] * (null === $amount->unit || $amount->unit->isContainer() ? $amount->middle() : 1);
        }
        $weight = $this->amounts->weightIn($notes);
        $grams = $weight?->unit?->grams();
        if (null === $weight || null === $grams) {
            return null;
        }

        return $weight->middle() * $grams * (preg_match('/\beach\b|\bapiece\b/iu', $notes) ? $amount->middle() : 1);
    }

    /** "a chicken" is a whole one, g; null where pieces are meant. */
    private static function whole(string $words, Amount $amount): ?float
    {
        $parts = preg_match(
            '/\b(?:thighs?|legs?|drumsticks?|pieces|quarters|breasts?|portions|joints)\b(?!\s*\))/iu',
            (string) preg_replace('/\([^)]*\)|\b(?:jointed|cut(?: up)?|divided)\s+(?:in|into)\b[^,;]*/iu', '', $words),
        );

        return $amount->high > 3 || $parts || !preg_match(
            '/\b(?<animal>chicken|rabbit|duck|hare|guinea fowl|hen|boiling fowl|pheasant)\b/iu', $words, $m,
        )
            ? null
            : self::WHOLE_GRAMS[mb_strtolower($m['animal'])];
    }

    /** Of small and large ones. */
    private static function sized(?float $grams, string $words): ?float
    {
        return null === $grams ? null : $grams * match (true) {
            $grams >= self::GROWN && preg_match('/\bbaby\b/iu', $words) => self::BABY,
            (bool) preg_match('/\b(?:small|little|baby|smallish)\b/iu', $words) => self::SMALL,
            (bool) preg_match('/\b(?:large|big|fat|good-sized)\b/iu', $words) => self::LARGE,
            default => 1.0,
        };
    }

    private function weighed(?Amount $amount, ?Food $food, ?Cut $cut, string $notes, string $words): ?float
    {
        if (null === $amount) {
            return null;
        }
        $unit = $amount->unit;
        $drained = preg_match('/\bdrained\b/iu', $notes) && !preg_match('/drained weight/iu', $notes);
        $each = match (true) {
            null === $unit && null !== $food?->pieceMillilitres => $food->pieceMillilitres * ($food->density ?? 1.0),
            null === $unit && null !== $cut && null !== ($whole = self::whole($words, $amount)) => $whole,
            null === $unit => null === $cut ? self::sized($food?->pieceGrams, $words) : $cut->typicalPiece->inGrams(),
            null !== $food && null !== ($known = $food->gramsIn($unit, $this->system)) => $known,
            null !== $unit->millilitres($this->system) => null,
            Unit::Tin === $unit => $food->pieceGrams ?? 400.0,
            null !== $unit->grams() => $unit->grams(),
            default => null === $cut ? $food?->pieceGrams : $cut->typicalPiece->inGrams(),
        };
        if (null === $each) {
            return null;
        }
        $grams = $amount->middle() * $each;
        $pulse = Role::Pulse === $food?->role && Unit::Tin === $amount->container && $food->absorbs < 0.1;

        return $pulse || ($drained && Unit::Tin === $amount->container) ? $grams * self::DRAINED_SHARE : $grams;
    }
}
