<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;

/** Mending a sauce: each answer with its amounts, its minutes and the salt it ends at. Masses in grams, salt as a share. */
final class Rescue
{
    private const AIM = 0.010;

    /** Too salty: unsalted liquid to add until it is right, and the starch that keeps it as thick as it was. */
    public static function tooSalty(float $grams, float $salt, Thickness $thickness, Thickener $thickener): Diluted
    {
        $water = max(0.0, $grams * ($salt / self::AIM - 1));
        $starch = $water * $thickness->starchShare() * $thickener->perCornStarch();

        return new Diluted(new Sum('dilution', 'mL', [
            new Term('to-the-salt-aim', $water, ['grams' => $grams, 'saltPercent' => 100 * $salt, 'aimPercent' => 100 * self::AIM]),
        ]), $starch, $water > 0 ? self::AIM : $salt);
    }

    /** Too thick: liquid to add until it is as thick as wanted. Starch already in it stays. */
    public static function tooThick(float $grams, Thickness $is, Thickness $wanted): float
    {
        if ($wanted->starchShare() <= 0 || $is->starchShare() <= $wanted->starchShare()) {
            return 0.0;
        }

        return $grams * ($is->starchShare() / $wanted->starchShare() - 1);
    }

    /** Too thin: the slurry for the rest of the thickness. */
    public static function tooThin(float $grams, Thickness $is, Thickness $wanted, Thickener $thickener): Slurry
    {
        return Slurry::for($grams, $wanted->starchShare(), $thickener, $grams * $is->starchShare());
    }

    /**
     * Greasy: fat that can be lifted off, in mL: by spoon three quarters of it, chilled and lifted nearly all.
     *
     * @return array{spoon: float, chilled: float}
     */
    public static function greasy(float $renderedGrams): array
    {
        $millilitres = $renderedGrams / 0.92;

        return ['spoon' => 0.75 * $millilitres, 'chilled' => 0.95 * $millilitres];
    }

    /** Vegetables blended into the sauce: the corn starch that they stand for, 4 % of their cooked mass. */
    public static function blended(float $vegetableGrams): float
    {
        return 0.04 * $vegetableGrams;
    }
}
