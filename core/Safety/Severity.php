<?php

declare(strict_types=1);

namespace Pausis\Core\Safety;

enum Severity: string
{
    /** Must not be done this way. */
    case Refuse = 'refuse';
    /** Can be done, with care. */
    case Warn = 'warn';
    /** Worth knowing. */
    case Note = 'note';

    /** 0 for the most serious. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
