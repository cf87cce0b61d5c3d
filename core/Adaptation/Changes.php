<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Larder\Adding;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;
use Pausis\Core\Tenderness\Softening;
use Pausis\Core\Tenderness\Softness;

/** The ledger: every change that the pot makes to the recipe. */
final readonly class Changes
{
    private const USUAL_PIECE_CM = 2.0;
    private const WORTH_SKIMMING_GRAMS = 20.0;
    private const FAT_DENSITY = 0.92;       // g/mL

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
        $window = $this->window();
        if (null === $window->earliest || null === $window->latest) {
            return [];
        }
        $variables = [
            'setting' => $this->chosen->choice->value, 'earliestHours' => $window->earliest, 'latestHours' => $window->latest,
        ];

        $need = $this->order->recipeNeed;
        $told = null === $need ? [] : [new LedgerEntry($need->believed ? 'need-from-recipe' : 'recipe-not-believed', [
            'ofCut' => round($need->ofCut, 1), 'implied' => round($need->implied, 1), 'combined' => round($need->combined, 1),
        ])];

        return null === $original || Method::SlowCooker === $original->method
            ? [new LedgerEntry('time', $variables)]
            : [new LedgerEntry('time-instead', [...$variables, 'method' => $original->method->value, 'hours' => $original->hours]), ...$told];
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
        $sour = self::isSour($this->order);
        foreach ($this->order->potIngredients() as $i) {
            if (Adding::Late === $i->food?->adding || Adding::Apart === $i->food?->adding) {
                $entries[] = new LedgerEntry('add-late', ['food' => $i->foodText]);
            } elseif (Role::Vegetable === $i->role && null !== $i->food?->soften && null !== $this->window()->likely) {
                $softening = Softening::of($i->food, Length::centimetres(self::USUAL_PIECE_CM), $sour, $this->chosen->best, $this->window()->likely);
                array_push($entries, ...$this->softened($i, $softening));
            } elseif (Adding::End === $i->food?->adding && Role::Herb === $i->role) {
                $entries[] = new LedgerEntry('herb-at-the-end', ['food' => $i->foodText]);
            }
        }

        return $entries;
    }

    /** @return list<LedgerEntry> */
    private function softened(Ingredient $ingredient, Softening $softening): array
    {
        $variables = ['food' => $ingredient->foodText, 'times' => round($softening->doneMinutes / $softening->needMinutes, 1)];

        return match ($softening->softness) {
            Softness::Soft => [],
            Softness::Hard => [new LedgerEntry('still-hard', $variables)],
            Softness::FallsApart => true === $ingredient->food?->melts ? [] : [null !== $softening->cutTo
                ? new LedgerEntry('cut-bigger', [...$variables, 'cutCm' => $softening->cutTo->inCentimetres()])
                : new LedgerEntry('add-at', [...$variables, 'afterHours' => (float) $softening->addAtHour])],
        };
    }

    private static function isSour(BraiseOrder $order): bool
    {
        foreach ($order->potIngredients() as $i) {
            if (Role::Tomato === $i->role || Role::Acid === $i->role || ($i->food->alcohol ?? 0.0) > 0) {
                return true;
            }
        }

        return false;
    }

    private function window(): Window
    {
        return $this->chosen->windows[$this->order->texture->value];
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
        $fat = MeatJuice::renderedFat($this->order->joint, $this->order->joint->needHours)->inGrams();
        if ($fat >= self::WORTH_SKIMMING_GRAMS) {
            $fatGrams = $this->order->joint->fat()->inGrams();
            $entries[] = new LedgerEntry('skim-fat', ['fatMl' => $fat / self::FAT_DENSITY, 'fatGrams' => $fatGrams], new Sum('fat-to-skim', 'mL', [
                new Term('rendered-fat', $fat / self::FAT_DENSITY, ['grams' => $fatGrams, 'sharePercent' => 100 * $fat / $fatGrams]),
            ]));
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
