<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

enum LiquidFate: string
{
    /** Goes in as the recipe says. */
    case Kept = 'kept';
    /** Boiled down in the pan before it meets the pot, because a lid keeps both water and alcohol in. */
    case BoiledDown = 'boiled-down';
    /** Less than the recipe says, because a lidded pot doesn't evaporate. */
    case Cut = 'cut';
    /** Stirred in at the end. */
    case Late = 'late';
    /** As the cook has set it. */
    case Fixed = 'fixed';
    /** More than the recipe has, to reach the level or the sauce that is wanted. */
    case Added = 'added';
}
