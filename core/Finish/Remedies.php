<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Liquid\SaltBalance;

/** What to do about each trouble with the sauce that is in this pot, in amounts. Estimates, docs/model.md §6. */
final readonly class Remedies
{
    /** Of a sauce, g: what most taste, and no more than half of it at a time. */
    private const SUGAR = 0.006;
    private const ACID = 0.010;
    /** Binds cream or yoghurt that has split. */
    private const BINDING = 0.008;
    /** Where it is said to be as thick already as its starch tells. */
    private const SOMEWHAT = 0.10;
    /** Fat is whisked into a sour sauce. */
    private const BUTTER = 0.020;

    /**
     * @param float $grams  of sauce, without fat
     * @param float $salt   its share, 0 to 1
     * @param float $before mL that it had before it was boiled down, or was thought to have
     * @param float $fat    g that the meat has given
     * @param float $toAim  g of salt up to what tastes right
     */
    public function __construct(
        private float $grams, private float $salt, private float $before, private float $fat, private float $toAim,
        private Thickness $wanted, private Thickener $thickener,
    ) {
    }

    /** @return array<string, float> g and mL, by what they are of */
    public function for(Trouble $trouble): array
    {
        $salty = Rescue::tooSalty($this->grams, max($this->salt, SaltBalance::SALTIEST), $this->wanted, $this->thickener);
        $slurry = Rescue::tooThin($this->grams, $this->wanted->thinner(), $this->wanted, $this->thickener);
        $fat = Rescue::greasy($this->fat);
        $thick = Rescue::tooThick($this->grams, $this->wanted->thicker(), $this->wanted);

        return match ($trouble) {
            Trouble::TooThin => ['grams' => $slurry->grams, 'coldMl' => $slurry->coldMillilitres],
            Trouble::TooThick => ['ml' => $thick > 0 ? $thick : self::SOMEWHAT * $this->grams],
            Trouble::OverReduced => ['ml' => max(self::SOMEWHAT * $this->grams, $this->before - $this->grams)],
            Trouble::TooSalty => ['ml' => $salty->liquid->total, 'grams' => $salty->starchGrams, 'percent' => 100 * $salty->salt],
            Trouble::TooSour => ['grams' => self::SUGAR * $this->grams, 'butterGrams' => self::BUTTER * $this->grams],
            Trouble::TooSweet => ['ml' => self::ACID * $this->grams],
            Trouble::Bland => ['grams' => $this->toAim, 'ml' => self::ACID * $this->grams / 2],
            Trouble::Greasy => ['spoonMl' => $fat['spoon'], 'chilledMl' => $fat['chilled']],
            Trouble::Split => ['grams' => self::BINDING * $this->grams, 'coldMl' => 2 * self::BINDING * $this->grams],
            Trouble::MeatDry => ['ml' => $this->grams / 3],
            Trouble::Lumpy, Trouble::Scorched, Trouble::MeatTough, Trouble::MeatInShreds, Trouble::VegetablesHard => [],
        };
    }
}
