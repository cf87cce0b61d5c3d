<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/** What a cook can do to know better when it is ready. */
enum Aid: string
{
    /** A thermometer in the liquid while it cooks. */
    case Thermometer = 'thermometer';
    /** The meat's thickness measured. */
    case Ruler = 'ruler';
    /** A pot of water in the cooker, once. */
    case Water = 'water';
}
