<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

/** How far up the liquid should stand when the pot is loaded. */
enum LevelSchool: string
{
    case OwnJuices = 'own-juices';
    case Third = 'a-third';
    case NearlyCovered = 'nearly-covered';
    case Covered = 'covered';

    /** Share of the height of what is in the pot. */
    public function shareOfHeight(): float
    {
        return match ($this) {
            self::OwnJuices => 0.0,
            self::Third => 1 / 3,
            self::NearlyCovered => 0.85,
            self::Covered => 1.0,
        };
    }
}
