<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

enum ClashReason: string
{
    /** The meat isn't likely to be ready within the longest cook that is looked at. */
    case NeverReady = 'never-ready';
    /** From the start that the cook has set until dinner it would stand on Warm, or altogether, for too long. */
    case TooLongOnWarm = 'too-long-on-warm';
    case LongerThanADay = 'longer-than-a-day';
    /** Even starting now is too late. */
    case TooSoon = 'too-soon';
    /** Switched on when the cook says, it isn't ready in time. */
    case StartTooLate = 'start-too-late';
    /** The cook is never free long enough to prepare and load in time. */
    case NoTimeToLoad = 'no-time-to-load';
    /** Nobody is there to turn the cooker from one setting to the next. */
    case NobodyToTurn = 'nobody-to-turn';
    /** The cook isn't there for the sauce and the plate. */
    case AwayAtTheEnd = 'away-at-the-end';
}
