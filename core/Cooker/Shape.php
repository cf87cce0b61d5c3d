<?php

declare(strict_types=1);

namespace Pausis\Core\Cooker;

enum Shape: string
{
    case Round = 'round';
    case Oval = 'oval';

    /** Length of the inside over its width. The oval's is an estimate from common inserts. */
    public function lengthOverWidth(): float
    {
        return self::Round === $this ? 1.0 : 1.35;
    }
}
