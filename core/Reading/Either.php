<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Role;
use Pausis\Core\Recipe\Ingredient;

/** What a recipe leaves to the cook: "wine, or stock if you like", "wine (optional)". */
final readonly class Either
{
    private const ELSE = '/\b(?:or|else)\b\s+(?:else\s+|use\s+|the same(?: amount)?(?: of)?\s+|some\s+)*(?<other>[^,;()]+?)(?:\s+(?:if'
        .'|instead)\b.*)?$/iu';
    /** In place of wine that is only optional. */
    private const STOCK = 'stock';

    /**
     * @param Ingredient $first as written first
     * @param Ingredient $other as much of it
     */
    private function __construct(public Ingredient $first, public Ingredient $other)
    {
    }

    /** Null where it is no liquid with alcohol, or nothing is left to choose. */
    public static function of(Ingredient $i, IngredientReader $reader): ?self
    {
        $found = preg_match(self::ELSE, $i->notes, $m);
        if (Role::Liquid !== $i->role || ($i->food->alcohol ?? 0.0) <= 0 || (!$found && !$i->optional)) {
            return null;
        }
        $other = $reader->read(trim("$i->amountText ".($found ? $m['other'] : self::STOCK)), $i->line);
        if (Role::Liquid !== $other->role || null === $other->food || $other->food->id === $i->food?->id) {
            $other = $reader->read(trim("$i->amountText ".self::STOCK), $i->line);
        }

        return new self($i->needed(), $other->identified($i->id)->belongingTo($i->part)->needed());
    }

    /** What the choice hangs on in the ledger. */
    public function key(): string
    {
        return "either:{$this->first->key()}";
    }
}
