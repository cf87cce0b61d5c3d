<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;

/** Starch stirred into twice its mass of cold liquid, and what it is for. */
final readonly class Slurry
{
    private const LIQUID_PER_STARCH = 2.0;
    /** No sauce is nearly all starch. */
    private const LEAST_LEFT = 0.2;
    private const LEAST_SHARE = 0.75;
    private const MOST_SHARE = 1.2;

    private function __construct(
        public Thickener $thickener,
        public float $grams,
        public float $coldMillilitres,
        public Sum $sum,
    ) {
    }

    /**
     * @param float $sauceGrams   what is in the pot, without fat
     * @param float $share        of it that corn starch would have to be
     * @param float $alreadyGrams corn starch equivalent of flour, tomato paste and the like already in it
     */
    public static function for(float $sauceGrams, float $share, Thickener $thickener, float $alreadyGrams = 0.0): self
    {
        $needed = $sauceGrams * $share;
        $counted = min($alreadyGrams, $needed);
        $factor = $thickener->perCornStarch();
        // Its own cold liquid has to be thickened too.
        $own = ($needed - $counted) * $factor * self::LIQUID_PER_STARCH * $share * $factor
            / max(self::LEAST_LEFT, 1 - self::LIQUID_PER_STARCH * $share * $factor);
        $sum = new Sum('thickener', 'g', [
            new Term('starch-for-thickness', $needed * $factor, [
                'sauceGrams' => $sauceGrams, 'sharePercent' => 100 * $share, 'factor' => $factor,
            ]),
            new Term('thickened-already', -$counted * $factor, ['alreadyGrams' => $alreadyGrams]),
            new Term('thickens-itself', $own, ['coldMl' => self::LIQUID_PER_STARCH * (($needed - $counted) * $factor + $own)]),
        ]);

        return new self($thickener, $sum->total, self::LIQUID_PER_STARCH * $sum->total, $sum);
    }

    /** g that do it for most: half of a sauce's body comes from what its meat has given. Estimate, docs/model.md §6. */
    public function least(): float
    {
        return self::LEAST_SHARE * $this->grams;
    }

    /** g that hardly any sauce takes more of. */
    public function most(): float
    {
        return self::MOST_SHARE * $this->grams;
    }

    public function tablespoons(): float
    {
        return $this->grams / $this->thickener->gramsPerTablespoon();
    }
}
