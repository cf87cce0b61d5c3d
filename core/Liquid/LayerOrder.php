<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

/** What lies at the bottom of the pot. */
enum LayerOrder: string
{
    /** Roots low and near the wall, where the heat comes from, the meat on them. */
    case RootsUnder = 'roots-under';
    /** The meat lowest, deepest in the liquid. */
    case MeatUnder = 'meat-under';
}
