<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** How far a braise has come. */
enum State: string
{
    case Planned = 'planned';
    /** A job of it was done, or its time has come. */
    case Begun = 'begun';
    case On = 'on';
    case Finishing = 'finishing';
    case Eaten = 'eaten';
    case PutAway = 'put-away';
}
