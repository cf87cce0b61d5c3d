<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Finish\Slurry;
use Pausis\Core\Finish\ThickenedBy;
use Pausis\Core\Finish\Thickener;
use Pausis\Core\Finish\Thickness;

/** What gives a sauce its body: as the cook wants it, else as the recipe makes it. */
final readonly class SauceBody
{
    public const AS_THE_RECIPE = 'as-the-recipe';

    /**
     * @param float $share   corn starch over the sauce's mass, in all
     * @param float $already corn starch that is in the pot before, g
     * @param bool  $isOwn   whether it is the recipe's own, and nothing else is asked for
     */
    private function __construct(
        private float $share, private float $already, public Thickener $thickener, public ThickenedBy $by, public bool $isOwn,
    ) {
    }

    /** @param float $sauce mL planned */
    public static function of(BraiseOrder $order, float $sauce): self
    {
        $wishes = $order->wishes;

        return null === $wishes->thickness
            ? self::ofTheRecipe($order, $sauce)
            : new self(
                $wishes->by->usesStarch() ? $wishes->thickness->starchShare() : 0.0, $order->thickenedAlready(),
                ThickenedBy::FlourAndButter === $wishes->by ? Thickener::Flour : $wishes->thickener, $wishes->by, false,
            );
    }

    /** Of another thickness, or another starch. */
    public function as(?Thickness $thickness, Thickener $thickener, float $already): self
    {
        return null === $thickness
            ? new self($this->share, $this->already, $thickener, $this->by, $this->isOwn)
            : new self($thickness->starchShare(), $already, $thickener, $this->by, false);
    }

    /** @param float $sauce g, without fat */
    public function slurry(float $sauce): Slurry
    {
        return Slurry::for($sauce, $this->share, $this->thickener, $this->already);
    }

    /** The recipe's own starch is its thickening; where it doesn't say how much, as much as coats a spoon. */
    private static function ofTheRecipe(BraiseOrder $order, float $sauce): self
    {
        $own = ClosingStarch::of($order->recipe->dish, $order->choices);

        return match (true) {
            null === $own?->thickener => new self(0.0, 0.0, Thickener::CornStarch, ThickenedBy::Starch, true),
            $own->cornGrams > 0 && $sauce > 0 => new self($own->cornGrams / $sauce, 0.0, $own->thickener, $own->by, true),
            default => new self(Thickness::CoatsSpoon->starchShare(), $order->thickenedAlready(), $own->thickener, $own->by, true),
        };
    }
}
