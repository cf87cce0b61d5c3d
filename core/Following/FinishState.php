<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** Whether a way to close the sauce can be taken. */
enum FinishState: string
{
    case Open = 'open';
    /** It is as thick as that already. */
    case Enough = 'enough';
    /** Boiled down so far it would be too salty to eat. */
    case TooSalty = 'too-salty';
    case NothingToBlend = 'nothing-to-blend';
    /** No pan or ring to boil it in. */
    case NoPan = 'no-pan';
    /** It can't be fitted into the evening any more. */
    case NoTime = 'no-time';

    public function canBe(): bool
    {
        return self::Open === $this;
    }
}
