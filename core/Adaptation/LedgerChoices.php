<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Liquid\LiquidWishes;
use Pausis\Core\Recipe\Ingredient;

/** What the cook has refused or set otherwise in the ledger, by the keys of its entries. */
final readonly class LedgerChoices
{
    /**
     * @param list<string>         $refused
     * @param array<string, float> $amounts mL of a liquid, by key
     */
    public function __construct(private array $refused = [], private array $amounts = [])
    {
    }

    public function refuses(string $key): bool
    {
        return '' !== $key && \in_array($key, $this->refused, true);
    }

    /** Whatever was refused of these. */
    public function accepting(string ...$keys): self
    {
        return new self(array_values(array_diff($this->refused, $keys)), $this->amounts);
    }

    public function amount(string $key): ?float
    {
        return $this->amounts[$key] ?? null;
    }

    /**
     * @param list<Ingredient> $ingredients
     * @param bool             $hasPan      whether there is a pan to boil anything down in
     */
    public function liquids(array $ingredients, bool $hasPan = true): LiquidWishes
    {
        $fixed = $unboiled = $early = [];
        foreach ($ingredients as $i) {
            if (null === $i->millilitres) {
                continue;
            }
            $amount = $this->amount("liquid:{$i->key()}") ?? ($this->refuses("liquid:{$i->key()}") ? $i->millilitres : null);
            if (null !== $amount) {
                $fixed[$i->key()] = $amount;
            }
            if (!$hasPan || $this->refuses("boil:{$i->key()}")) {
                $unboiled[] = $i->key();
            }
            if ($this->refuses("late:{$i->key()}")) {
                $early[] = $i->key();
            }
        }

        return new LiquidWishes($fixed, $unboiled, $early, !$this->refuses('add-liquid'), !$this->refuses('reduce'));
    }
}
