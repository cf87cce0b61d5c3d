<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Meat\Piece;

/** Pieces of meat cut into shells from the core outwards, as a chain of heat capacities and conductances. */
final readonly class Shells
{
    public const CONDUCTIVITY = 0.46;       // W/m·K
    public const SPECIFIC_HEAT = 3450.0;    // J/kg·K
    public const SURFACE = 250.0;           // W/m²·K, meat in simmering liquid

    /**
     * @param list<float> $heat    J/K of each shell
     * @param list<float> $between W/K between neighbours
     * @param float       $surface W/K from the outermost to the pot
     */
    private function __construct(public array $heat, public array $between, public float $surface)
    {
    }

    /** @param float $conducts factor on the conductivity */
    public static function of(Piece $piece, int $pieces, int $count, float $conducts = 1.0): self
    {
        $e = $piece->dimensionality();
        $volume = $piece->volume() * $pieces;
        $dr = $piece->a / $count;
        $k = self::CONDUCTIVITY * $conducts;
        $heat = $between = [];
        for ($i = 0; $i < $count; ++$i) {
            $heat[] = Piece::DENSITY * self::SPECIFIC_HEAT * $volume * ((($i + 1) / $count) ** $e - ($i / $count) ** $e);
            if ($i < $count - 1) {
                $between[] = $k / $dr * $e * $volume / $piece->a * (($i + 1) / $count) ** ($e - 1);
            }
        }

        return new self($heat, $between, $e * $volume / $piece->a / ($dr / 2 / $k + 1 / self::SURFACE));
    }
}
