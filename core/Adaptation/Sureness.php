<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** How often, of such pots, the meat is to be ready before the sauce must be begun. Surer starts sooner and holds longer. */
enum Sureness: string
{
    case ThreeInFour = 'three-in-four';
    case NineInTen = 'nine-in-ten';
    case ThirtyNineInForty = 'thirty-nine-in-forty';

    public function share(): float
    {
        return match ($this) {
            self::ThreeInFour => 0.75,
            self::NineInTen => 0.9,
            self::ThirtyNineInForty => 0.975,
        };
    }
}
