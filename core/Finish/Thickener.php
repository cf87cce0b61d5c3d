<?php

declare(strict_types=1);

namespace Pausis\Core\Finish;

enum Thickener: string
{
    case CornStarch = 'corn-starch';
    case PotatoStarch = 'potato-starch';
    case Arrowroot = 'arrowroot';
    case Flour = 'flour';

    /** Mass that thickens like one gram of corn starch. */
    public function perCornStarch(): float
    {
        return match ($this) {
            self::CornStarch => 1.0,
            self::PotatoStarch => 0.8,
            self::Arrowroot => 0.85,
            self::Flour => 2.0,
        };
    }

    /** Minutes at the boil: flour until it tastes of nothing, the roots' starches no longer than they take, since boiling thins them. */
    public function hobMinutes(): int
    {
        return match ($this) {
            self::CornStarch => 2,
            self::PotatoStarch, self::Arrowroot => 1,
            self::Flour => 8,
        };
    }

    /** Grams in a level 15 mL spoon. */
    public function gramsPerTablespoon(): float
    {
        return match ($this) {
            self::CornStarch, self::Arrowroot, self::Flour => 8.0,
            self::PotatoStarch => 11.0,
        };
    }
}
