<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

/** How thick a sauce is wanted. */
enum Thickness: string
{
    case Stock = 'like-stock';
    case CoatsSpoon = 'coats-a-spoon';
    case Gravy = 'gravy';
    case Stew = 'stew-thick';

    /** The thickest that so much corn starch makes. */
    public static function of(float $starchShare): self
    {
        $made = self::Stock;
        foreach (self::cases() as $one) {
            $made = $one->starchShare() <= $starchShare + 0.001 ? $one : $made;
        }

        return $made;
    }

    /** The next thinner, or itself. */
    public function thinner(): self
    {
        return self::cases()[max(0, (int) array_search($this, self::cases(), true) - 1)];
    }

    /** The next thicker, or itself. */
    public function thicker(): self
    {
        return self::cases()[min(\count(self::cases()) - 1, (int) array_search($this, self::cases(), true) + 1)];
    }

    /** Share of the sauce that boiling down to this body leaves. Estimates, docs/model.md §6. */
    public function leftWhenBoiledDown(): float
    {
        return match ($this) {
            self::Stock => 1.0,
            self::CoatsSpoon => 0.45,
            self::Gravy => 0.35,
            self::Stew => 0.28,
        };
    }

    /** Corn starch as a share of the sauce's mass. Estimates, docs/model.md §6. */
    public function starchShare(): float
    {
        return match ($this) {
            self::Stock => 0.0,
            self::CoatsSpoon => 0.016,
            self::Gravy => 0.030,
            self::Stew => 0.045,
        };
    }
}
