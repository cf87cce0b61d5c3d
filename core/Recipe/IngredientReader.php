<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Larder\Food;
use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Meat\Cuts;

/** Reads one ingredient line into amount, food and role. Whatever it can't tell stays null and lowers the confidence. */
final readonly class IngredientReader
{
    private const ANIMAL = '/\b(beef|ox|veal|pork|lamb|mutton|hogget|goat|kid|venison|deer|boar|chicken|hen|duck|goose|turkey|guinea fowl|rabbit|hare)\b/iu';
    private const OPTIONAL = '/\b(optional|to serve|to taste|for serving|for dusting|to garnish|if you (?:like|have)|for the table)\b/iu';
    /** Roles whose amount hardly matters to a braise, so that its absence is no doubt. */
    private const SMALL = [Role::Salt, Role::Herb, Role::Spice, Role::Garnish, Role::Tool, Role::Fat];

    private const TINNED = '/\b(?:tins?|cans?)\b/iu';

    private AmountReader $amounts;

    public function __construct(private Larder $larder, private Cuts $cuts)
    {
        $this->amounts = new AmountReader();
    }

    public function read(string $source, int $line = 0): Ingredient
    {
        $text = trim((string) preg_replace('/^\s*(?:[-–—*•·▢☐□]|\d{1,2}[.)](?=\s))\s*/u', '', $source));
        $found = $this->amounts->find($text);
        $rest = trim((string) preg_replace('/^(?:of|the)\s+/iu', '', null === $found ? $text : $found[1]));
        $amountText = null === $found || !$found[2] ? '' : trim(substr($text, 0, \strlen($text) - \strlen($found[1])));

        return $this->understand($source, $line, $found[0] ?? null, $amountText, $rest, null);
    }

    /** A line whose parts the cook has set; the source stays for showing. */
    public function fromParts(string $source, int $line, string $amountText, string $foodText, ?Role $role): Ingredient
    {
        $found = $this->amounts->find($amountText);

        return $this->understand($source, $line, $found[0] ?? null, $amountText, $foodText, $role);
    }

    private function understand(string $source, int $line, ?Amount $amount, string $amountText, string $rest, ?Role $role): Ingredient
    {
        [$foodText, $notes] = $this->splitNotes($rest);
        $tinned = preg_match(self::TINNED, $amountText) ? "tinned $foodText" : $foodText;
        [$food, $cut, $named] = $this->identify($tinned) ?? $this->identify($rest) ?? [null, null, null];
        $readRole = $role ?? $named ?? Role::Unknown;
        if (Role::Meat !== $readRole) {
            $cut = null;
        }
        $millilitres = $this->millilitres($amount, $food);
        $grams = $this->weighedInNotes($amount, $notes) ?? $this->grams($amount, $food, $cut, $millilitres);
        if (null === $millilitres && null !== $grams && $readRole->isPoured() && null !== $food?->density) {
            $millilitres = $grams / $food->density;
        }

        return new Ingredient($line, $source, $amountText, $amount, $grams, $readRole->isPoured() ? $millilitres : null, $foodText, $food, $cut,
            $readRole, $notes, (bool) preg_match(self::OPTIONAL, $source), $this->confidence($amount, $grams, $readRole, null !== $role));
    }

    /** @return array{string, string} the food, and what is said about it */
    private function splitNotes(string $rest): array
    {
        if (preg_match('/^(.*?)\s*(?:[,;(]|\s[–-]\s)\s*(.*)$/us', $rest, $m) && '' !== trim($m[1])) {
            return [trim($m[1]), trim($m[2], " \t)(")];
        }

        return [$rest, ''];
    }

    /** @return array{Food|null, Cut|null, Role}|null */
    private function identify(string $text): ?array
    {
        $named = $this->larder->named($text);
        if (null !== $named && preg_match(self::ANIMAL, $named[1])) {
            return [$named[0], null, $named[0]->role];
        }
        $cut = $this->cuts->named($text);
        if (null !== $cut || preg_match(self::ANIMAL, $text)) {
            return [null, $cut, Role::Meat];
        }

        return null === $named ? null : [$named[0], null, $named[0]->role];
    }

    private function millilitres(?Amount $amount, ?Food $food): ?float
    {
        if (null === $amount) {
            return null;
        }
        if (null === $amount->unit || Unit::Piece === $amount->unit) {
            return null === $food?->pieceMillilitres ? null : $amount->middle() * $food->pieceMillilitres;
        }
        $each = $amount->unit->millilitres();

        return null === $each ? null : $amount->middle() * $each;
    }

    /** "4 shanks (about 1.6 kg)", "2 joints, 900 g each": the weight beside a count. */
    private function weighedInNotes(?Amount $amount, string $notes): ?float
    {
        if (null === $amount || null !== $amount->unit || '' === $notes) {
            return null;
        }
        $weight = $this->amounts->find($notes)[0] ?? null;
        $grams = $weight?->unit?->grams();

        return null === $grams ? null : $weight->middle() * $grams * (preg_match('/\beach\b/iu', $notes) ? $amount->middle() : 1);
    }

    private function grams(?Amount $amount, ?Food $food, ?Cut $cut, ?float $millilitres): ?float
    {
        if (null === $amount) {
            return null;
        }
        if (null !== $millilitres) {
            return null === $food?->density ? null : $millilitres * $food->density;
        }
        $count = $amount->middle();
        $each = match ($amount->unit) {
            null, Unit::Piece, Unit::Sprig, Unit::Stick => null === $cut ? $food?->pieceGrams : $cut->typicalPiece->inGrams(),
            Unit::Tin => $food->pieceGrams ?? 400.0,
            default => $amount->unit->grams(),
        };

        return null === $each ? null : $count * $each;
    }

    private function confidence(?Amount $amount, ?float $grams, Role $role, bool $setByCook): float
    {
        if ($setByCook && (null !== $grams || \in_array($role, self::SMALL, true))) {
            return 1.0;
        }
        $confidence = 0.97;
        if (Role::Unknown === $role) {
            $confidence -= 0.6;
        }
        if (null === $grams && !\in_array($role, self::SMALL, true)) {
            $confidence -= null === $amount ? 0.35 : 0.3;
        }
        if (null !== $amount && $amount->high > $amount->low * 1.3) {
            $confidence -= 0.1;
        }

        return max(0.05, $confidence);
    }
}
