<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

/** How much is done in the pan before the pot is loaded. */
enum Effort: string
{
    /** Everything goes in cold and raw. */
    case Cold = 'cold';
    /** The meat is browned, the wine boiled down in its pan; the rest goes in raw. */
    case Meat = 'meat';
    /** The meat browned, onions and friends fried, the wine boiled down. */
    case Full = 'full';
}
