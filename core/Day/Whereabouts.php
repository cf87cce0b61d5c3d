<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** What somebody who isn't asleep can do in the kitchen. */
enum Whereabouts: string
{
    /** Nothing. */
    case Away = 'away';
    /** At home with something else in hand: a look, a stir, a switch, no longer than ten minutes. */
    case Busy = 'busy';
    /** Anything. */
    case Home = 'home';
}
