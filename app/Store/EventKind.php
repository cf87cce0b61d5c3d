<?php

declare(strict_types=1);

namespace Pausis\App\Store;

/** Everything that can be recorded of a pot that is on; each is treated where it is followed, worded and shown, or it can't be stored. */
enum EventKind: string
{
    case Fork = 'fork';
    case Turned = 'turned';
    case Sauce = 'sauce';
    case Begun = 'begun';
    case Done = 'done';
    case NotYet = 'not-yet';
    case Power = 'power';
    case Boiled = 'boiled';
    case TookOut = 'took-out';
    case Thawed = 'thawed';
    case Eaten = 'eaten';
    case Probe = 'probe';
    case Bubbles = 'bubbles';
    case LidOff = 'lid-off';
    case Poured = 'poured';
    case Note = 'note';
    case Dinner = 'dinner';
}
