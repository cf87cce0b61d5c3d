<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

enum WaterTestVerdict: string
{
    case Fit = 'fit';
    /** Under 80 °C after 8 h on Low: not for meat. */
    case TooWeak = 'too-weak';
    /** Under 60 °C after 4 h on Low. */
    case Unsafe = 'unsafe';
}
