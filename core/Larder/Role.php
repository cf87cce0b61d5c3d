<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/** What a food does in a braise. */
enum Role: string
{
    case Meat = 'meat';
    case Liquid = 'liquid';
    case Tomato = 'tomato';
    case Dairy = 'dairy';
    case Acid = 'acid';
    case Vegetable = 'vegetable';
    case Aromatic = 'aromatic';
    case Pulse = 'pulse';
    case Grain = 'grain';
    case Thickener = 'thickener';
    case Fat = 'fat';
    case Seasoning = 'seasoning';
    case Salt = 'salt';
    case Sweet = 'sweet';
    case Fruit = 'fruit';
    case Herb = 'herb';
    case Spice = 'spice';
    case Garnish = 'garnish';
    case Tool = 'tool';
    case Unknown = 'unknown';

    public function isPoured(): bool
    {
        return self::Liquid === $this || self::Tomato === $this || self::Acid === $this || self::Dairy === $this;
    }

    /** Whether it takes room under the meat and in the gaps beside it. */
    public function liesWithTheMeat(): bool
    {
        return \in_array($this, [self::Vegetable, self::Fruit, self::Pulse, self::Grain, self::Aromatic], true);
    }

    /** Whether it comes under a knife. */
    public function isCut(): bool
    {
        return \in_array($this, [self::Vegetable, self::Fruit, self::Aromatic], true);
    }

    /** J/kg·K, for what mixes with the pot. Estimates: near water for liquids, less for solids. */
    public function specificHeat(): float
    {
        return match ($this) {
            self::Liquid, self::Acid, self::Dairy => 4050.0,
            self::Tomato => 4000.0,
            self::Fat => 2200.0,
            self::Grain, self::Pulse, self::Thickener, self::Sweet, self::Spice, self::Salt => 1900.0,
            default => 3900.0,
        };
    }
}
