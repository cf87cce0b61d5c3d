<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Finish\Reduction;
use Pausis\Core\Finish\Slurry;
use Pausis\Core\Heat\Softening;
use Pausis\Core\Heat\Softness;
use Pausis\Core\Larder\Adding;
use Pausis\Core\Larder\Role;
use Pausis\Core\Learning\Window;
use Pausis\Core\Liquid\LiquidFate;
use Pausis\Core\Liquid\MeatJuice;
use Pausis\Core\Liquid\SauceBalance;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Recipe\Method;

/** The ledger: every change that the pot makes to the recipe. */
final readonly class Changes
{
    private const USUAL_PIECE_CM = 2.0;
    private const WORTH_SKIMMING_GRAMS = 20.0;

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

        return null === $original || Method::SlowCooker === $original->method
            ? [new LedgerEntry('time', $variables)]
            : [new LedgerEntry('time-instead', [...$variables, 'method' => $original->method->value, 'hours' => $original->hours]), ...$this->need()];
    }

    /** @return list<LedgerEntry> what the recipe's own time says of the meat */
    private function need(): array
    {
        $need = $this->order->recipeNeed;
        if (null === $need) {
            return $this->order->choices->refuses(BraiseOrder::NEED_KEY)
                ? [$this->entry('need-from-recipe', BraiseOrder::NEED_KEY, ['ofCut' => round($this->order->joint->needHours, 1), 'implied' => 0.0, 'combined' => round($this->order->joint->needHours, 1)])] : [];
        }

        return [$this->entry($need->believed ? 'need-from-recipe' : 'recipe-not-believed', $need->believed ? BraiseOrder::NEED_KEY : '', [
            'ofCut' => round($need->ofCut, 1), 'implied' => round($need->implied, 1), 'combined' => round($need->combined, 1),
        ])];
    }

    /** @param array<string, float|int|string> $variables */
    private function entry(string $code, string $key, array $variables, ?Sum $sum = null, ?float $amount = null): LedgerEntry
    {
        return new LedgerEntry($code, $variables, $sum, $key, $this->order->choices->refuses($key), $amount);
    }

    /** @return list<LedgerEntry> */
    private function liquids(): array
    {
        $entries = [];
        foreach ($this->chosen->sauce->changes as $change) {
            $food = $change->ingredient->foodText ?? 'water';
            $variables = ['food' => $food, 'wasMl' => $change->was, 'isMl' => $change->poured, 'loadedMl' => $change->loaded];
            $sum = \in_array($change->fate, [LiquidFate::Cut, LiquidFate::Added, LiquidFate::Fixed], true) ? $this->chosen->sauce->atEnd : null;
            $id = $change->ingredient?->key() ?? 'water';
            $key = null === $change->ingredient ? 'add-liquid' : (LiquidFate::Late === $change->fate ? "late:$id" : "liquid:$id");
            if (LiquidFate::BoiledDown !== $change->fate && LiquidFate::Kept !== $change->fate) {
                $entries[] = $this->entry('liquid-'.$change->fate->value, $key, $variables, $sum, null === $change->ingredient ? null : $change->poured);
            }
            if ($change->loaded < $change->poured && LiquidFate::Late !== $change->fate || $this->order->choices->refuses("boil:$id")) {
                $left = null === $change->ingredient ? 1.0 : SauceBalance::leftOfBoiled($change->ingredient);
                $entries[] = $this->entry('liquid-boiled-down', "boil:$id", [...$variables, 'loadedMl' => $change->poured * $left]);
            }
            if (LiquidFate::Kept === $change->fate && $this->order->choices->refuses("late:$id")) {
                $entries[] = $this->entry('liquid-late', "late:$id", $variables);
            }
        }
        if ($this->order->choices->refuses('add-liquid')) {
            $entries[] = $this->entry('liquid-added', 'add-liquid', ['food' => 'water', 'wasMl' => 0.0, 'isMl' => 0.0, 'loadedMl' => 0.0]);
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
                $entries[] = $this->entry(Adding::Apart === $i->food->adding ? 'cook-apart' : 'add-late', "late:{$i->key()}", ['id' => $i->key(), 'food' => $i->foodText, 'minutes' => (float) $i->food->lateMinutes]);
            } elseif (Role::Vegetable === $i->role && null !== $i->food?->soften && null !== $this->window()->likely) {
                $softening = Softening::of($i->food, Length::centimetres(self::USUAL_PIECE_CM), $sour, $this->chosen->best, $this->window()->likely);
                array_push($entries, ...$this->softened($i, $softening));
            } elseif (Adding::End === $i->food?->adding && Role::Herb === $i->role) {
                $entries[] = $this->entry('herb-at-the-end', "late:{$i->key()}", ['food' => $i->foodText]);
            }
        }

        return $entries;
    }

    /** @return list<LedgerEntry> */
    private function softened(Ingredient $ingredient, Softening $softening): array
    {
        $variables = ['id' => $ingredient->key(), 'food' => $ingredient->foodText, 'times' => round($softening->doneMinutes / $softening->needMinutes, 1)];
        $key = "late:{$ingredient->key()}";

        return match ($softening->softness) {
            Softness::Soft => [],
            Softness::Hard => [$this->entry('still-hard', $key, $variables)],
            Softness::FallsApart => true === $ingredient->food?->melts ? [] : [null !== $softening->cutTo
                ? $this->entry('cut-bigger', $key, [...$variables, 'cutCm' => $softening->cutTo->inCentimetres()])
                : $this->entry('add-at', $key, [...$variables, 'afterHours' => (float) $softening->addAtHour])],
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

        return $salt->overGrams < 0.5 ? [] : [$this->entry('hold-salt', 'hold-salt', ['grams' => $salt->overGrams, 'percent' => $salt->percentAfter], $salt->sum)];
    }

    /** @return list<LedgerEntry> */
    private function finish(): array
    {
        $entries = [];
        $excess = $this->chosen->sauce->atEnd->total - $this->chosen->sauce->target;
        if ($this->chosen->sauce->reduce >= 1 || ($excess >= 1 && $this->order->choices->refuses('reduce'))) {
            $entries[] = $this->entry('reduce-at-the-end', 'reduce', [
                'ml' => $excess, 'minutes' => Reduction::timeFor($excess, $this->order->kitchen->pan())->inMinutes(), 'targetMl' => $this->chosen->sauce->target,
            ], $this->chosen->sauce->atEnd);
        }
        $fat = MeatJuice::renderedFat($this->order->joint, $this->order->joint->needHours)->inGrams();
        if ($fat >= self::WORTH_SKIMMING_GRAMS) {
            $fatGrams = $this->order->joint->fat()->inGrams();
            $entries[] = $this->entry('skim-fat', 'skim', ['fatMl' => $fat / MeatJuice::FAT_DENSITY, 'fatGrams' => $fatGrams], new Sum('fat-to-skim', 'mL', [
                new Term('rendered-fat', $fat / MeatJuice::FAT_DENSITY, ['grams' => $fatGrams, 'sharePercent' => 100 * $fat / $fatGrams]),
            ]));
        }
        if ($this->slurry->grams >= 1) {
            $entries[] = $this->entry('thicken', 'thicken', [
                'thickener' => $this->slurry->thickener->value, 'grams' => $this->slurry->grams,
                'spoons' => $this->slurry->tablespoons(), 'coldMl' => $this->slurry->coldMillilitres,
                'thickness' => $this->order->thickness->value,
            ], $this->slurry->sum);
        }

        return $entries;
    }
}
