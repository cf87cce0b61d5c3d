<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** How much of a running pot's window lies within the time that is looked at. */
enum Foreseen
{
    /** Nine pots of ten are ready within it. */
    case Surely;
    /** Half are, but more than one in ten is not. */
    case LongTail;
    /** Fewer than half. */
    case Hardly;
}
