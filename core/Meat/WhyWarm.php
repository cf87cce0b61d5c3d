<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

/** Why meat is warmer than a fridge when it goes into the pot. */
enum WhyWarm: string
{
    case LeftOut = 'left-out';
    /** Browned, or from the pan or pot, a moment ago. */
    case JustHot = 'just-hot';
}
