<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/** When a food goes into a braise in a slow cooker. */
enum Adding: string
{
    case Start = 'start';
    /** Fried first, briefly. */
    case Base = 'base';
    /** Some minutes before the end. */
    case Late = 'late';
    /** Off the heat. */
    case End = 'end';
    /** Cooked by itself: it would drink the sauce or fall to pieces. */
    case Apart = 'apart';
}
