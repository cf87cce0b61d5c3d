<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/** What is known of one food. Data and meanings: core/data/larder.json. */
final readonly class Food
{
    /**
     * @param float|null   $density          g/mL as measured in a spoon or cup
     * @param float|null   $pieceGrams       one of it, medium
     * @param float|null   $pieceMillilitres the juice of one
     * @param float        $water            share of the raw mass given off in a lidded pot
     * @param float        $absorbs          times the dry mass
     * @param float        $thick            equivalent mass of corn starch, g/g
     * @param float|null   $soften           minutes at 95 °C for 2 cm pieces
     * @param int|null     $cut              order in which a liquid is cut, thinnest first; null for never
     * @param list<string> $allergens
     */
    public function __construct(
        public string $id,
        public Role $role,
        public string $name,
        public ?float $density = null,
        public ?float $pieceGrams = null,
        public ?float $pieceMillilitres = null,
        public float $water = 0.0,
        public float $salt = 0.0,
        public float $fat = 0.0,
        public float $alcohol = 0.0,
        public float $absorbs = 0.0,
        public float $thick = 0.0,
        public ?float $soften = null,
        public ?int $cut = null,
        public bool $late = false,
        public bool $tender = false,
        public bool $takeOut = false,
        public bool $phaseolus = false,
        public bool $melts = false,
        public array $allergens = [],
    ) {
    }
}
