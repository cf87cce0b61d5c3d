<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Shop;

use Pausis\Core\Meat\Cut;

/** How meat is bought and goes into the pot. */
enum Form: string
{
    /** As the cut is sold: shanks, legs, cheeks. */
    case Pieces = 'pieces';
    case Joint = 'joint';
    case Halved = 'halved';
    case Cubes = 'cubes';

    /** Of a cube with edges of 4 cm. */
    private const CUBE_KILOGRAMS = 0.067;

    /** @return list<self> */
    public static function of(Cut $cut): array
    {
        return match (true) {
            $cut->soldInPieces => [self::Pieces],
            $cut->isPoultry() => [self::Joint, self::Halved],
            default => [self::Joint, self::Halved, self::Cubes],
        };
    }

    /** @param float $kilograms of all of it, as bought, for Pieces; without its bone for Cubes */
    public function pieces(Cut $cut, float $kilograms): int
    {
        return match ($this) {
            self::Pieces => (int) max(1, round($kilograms / $cut->typicalPiece->kilograms)),
            self::Joint => 1,
            self::Halved => 2,
            self::Cubes => (int) max(2, round($kilograms * (1 - $cut->bone) / self::CUBE_KILOGRAMS)),
        };
    }
}
