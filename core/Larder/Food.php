<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

use Pausis\Core\Quantity\Unit;
use Pausis\Core\Quantity\UnitSystem;

/** What is known of one food. Data and meanings: core/data/larder/. */
final readonly class Food
{
    private const WATER_HEAT = 4180.0;      // J/kg·K
    private const FAT_HEAT = 2000.0;
    private const REST_HEAT = 1650.0;

    /**
     * @param float|null           $density          g/mL as measured in a spoon or cup
     * @param float|null           $pieceGrams       one of it, medium
     * @param float|null           $pieceMillilitres the juice of one
     * @param array<string, float> $unitGrams        of units that mean something of their own for this food
     * @param array<string, float> $unitMillilitres
     * @param float                $water            share of the raw mass given off in a lidded pot
     * @param float                $waterShare       and salt, sugar, starch, fat, alcohol: of the mass
     * @param float                $absorbs          times the dry mass
     * @param float                $thick            equivalent mass of corn starch, g/g
     * @param float|null           $soften           minutes at 95 °C for 2 cm pieces
     * @param float                $holds            times that need at which it falls apart
     * @param int|null             $cut              order in which a liquid is cut, thinnest first; null for never
     * @param int|null             $lateMinutes      before the end, where it goes in late or is cooked apart
     * @param bool                 $phaseolus        soaked and boiled before it goes in
     * @param string|null          $raw              the dry food that this is unless it is said to be cooked
     * @param bool                 $soak             dry, to be soaked
     * @param bool                 $underWater       cut and kept overnight, under cold water
     * @param bool                 $whole            goes in as it is, without a knife
     * @param list<string>         $allergens
     * @param list<string>         $words            its names, the first of which is the usual one
     */
    public function __construct(
        public string $id,
        public Role $role,
        public string $name,
        public ?float $density = null,
        public ?float $pieceGrams = null,
        public ?float $pieceMillilitres = null,
        public array $unitGrams = [],
        public array $unitMillilitres = [],
        public float $water = 0.0,
        public float $waterShare = 0.9,
        public float $salt = 0.0,
        public float $sugar = 0.0,
        public float $starch = 0.0,
        public float $fat = 0.0,
        public float $alcohol = 0.0,
        public bool $acid = false,
        public float $absorbs = 0.0,
        public float $thick = 0.0,
        public ?float $soften = null,
        public float $holds = 4.0,
        public ?int $cut = null,
        public Adding $adding = Adding::Start,
        public ?int $lateMinutes = null,
        public bool $takeOut = false,
        public bool $phaseolus = false,
        public bool $melts = false,
        public array $allergens = [],
        public ?string $raw = null,
        public bool $soak = false,
        public bool $underWater = false,
        public bool $whole = false,
        public array $words = [],
    ) {
    }

    /** J/kg·K, from what it is made of: shares of water, fat and the rest, each with its own. */
    public function specificHeat(): float
    {
        $fat = min($this->fat, 1 - $this->waterShare);

        return self::WATER_HEAT * $this->waterShare + self::FAT_HEAT * $fat + self::REST_HEAT * (1 - $this->waterShare - $fat);
    }

    /** Millilitres in one of a unit; null where it isn't a measure of volume. */
    public function millilitresIn(Unit $unit, UnitSystem $system): ?float
    {
        return isset($this->unitGrams[$unit->value]) ? null : $this->unitMillilitres[$unit->value] ?? $unit->millilitres($system);
    }

    /** Grams in one of a unit; null where it can't be told. */
    public function gramsIn(Unit $unit, UnitSystem $system): ?float
    {
        $millilitres = $this->millilitresIn($unit, $system);

        return $this->unitGrams[$unit->value]
            ?? (null !== $millilitres && null !== $this->density ? $millilitres * $this->density : $unit->grams());
    }
}
