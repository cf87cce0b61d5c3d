<?php

declare(strict_types=1);

namespace Pausis\Core\Notebook;

/** What a cook says of the window that was given for it. */
enum Held: string
{
    case Inside = 'inside';
    case TooSoon = 'too-soon';
    case TooLate = 'too-late';
    /** Nobody looked at the time that would tell. */
    case Untold = 'untold';
}
