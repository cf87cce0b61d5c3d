<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Recipe\Method;

/** The ledger: every change that the pot makes to the recipe. */
final readonly class Changes
{
    public function __construct(private BraiseOrder $order, private SettingOutcome $chosen, private Slurry $slurry)
    {
    }

    /** @return list<LedgerEntry> */
    public function all(): array
    {
        return [...$this->hours(), ...$this->liquids(), ...$this->late(), ...$this->salt(), ...$this->finish()];
    }

    /** @return list<LedgerEntry> */
    private function hours(): array
    {
        $original = $this->order->original;
        $window = $this->chosen->windows[$this->order->texture->value];
        if (null === $window->earliest || null === $window->latest) {
            return [];
        }
        $variables = [
            'setting' => $this->chosen->choice->value, 'earliestHours' => $window->earliest, 'latestHours' => $window->latest,
        ];

        return null === $original || Method::SlowCooker === $original->method
            ? [new LedgerEntry('time', $variables)]
            : [new LedgerEntry('time-instead', [...$variables, 'method' => $original->method->value, 'hours' => $original->hours])];
    }

    /** @return list<LedgerEntry> */
    private function liquids(): array
    {
        $entries = [];
        foreach ($this->chosen->sauce->changes as $change) {
            $variables = [
                'food' => $change->ingredient->foodText ?? 'water',
                'wasMl' => $change->was, 'isMl' => $change->poured, 'loadedMl' => $change->loaded,
            ];
            $sum = \in_array($change->fate, [LiquidFate::Cut, LiquidFate::Added], true) ? $this->chosen->sauce->atEnd : null;
            if (LiquidFate::Kept !== $change->fate) {
                $entries[] = new LedgerEntry('liquid-'.$change->fate->value, $variables, $sum);
            }
            if (LiquidFate::Cut === $change->fate && $change->loaded < $change->poured) {
                $entries[] = new LedgerEntry('liquid-boiled-down', $variables);
            }
        }

        return $entries;
    }

    /** @return list<LedgerEntry> what would be overcooked from the start, and herbs whose scent would be gone */
    private function late(): array
    {
        $entries = [];
        foreach ($this->order->potIngredients() as $i) {
            if ($i->food?->late) {
                $entries[] = new LedgerEntry('add-late', ['food' => $i->foodText]);
            } elseif ($i->food?->tender) {
                $entries[] = new LedgerEntry('herb-at-the-end', ['food' => $i->foodText]);
            }
        }

        return $entries;
    }

    /** @return list<LedgerEntry> */
    private function salt(): array
    {
        $salt = $this->chosen->salt;

        return $salt->holdBackGrams < 0.5 ? [] : [new LedgerEntry('hold-salt', ['grams' => $salt->holdBackGrams, 'percent' => $salt->percentAfter], $salt->sum)];
    }

    /** @return list<LedgerEntry> */
    private function finish(): array
    {
        $entries = [];
        if ($this->chosen->sauce->reduce >= 1) {
            $entries[] = new LedgerEntry('reduce-at-the-end', [
                'ml' => $this->chosen->sauce->reduce, 'minutes' => self::termValue($this->chosen->finish, 'reduce'), 'targetMl' => $this->chosen->sauce->target,
            ], $this->chosen->sauce->atEnd);
        }
        if ($this->slurry->grams >= 1) {
            $entries[] = new LedgerEntry('thicken', [
                'thickener' => $this->slurry->thickener->value, 'grams' => $this->slurry->grams,
                'spoons' => $this->slurry->tablespoons(), 'coldMl' => $this->slurry->coldMillilitres,
                'thickness' => $this->order->thickness->value,
            ], $this->slurry->sum);
        }

        return $entries;
    }

    private static function termValue(Sum $sum, string $code): float
    {
        foreach ($sum->terms as $term) {
            if ($code === $term->code) {
                return $term->value;
            }
        }

        return 0.0;
    }
}
