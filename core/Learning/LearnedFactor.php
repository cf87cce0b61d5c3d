<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Deviation;

/** What is carried from one cook to the next. */
enum LearnedFactor
{
    /** Kept with the cooker. */
    case Heat;
    /** Kept with the cut and this household. */
    case Need;

    public function of(Deviation $member): float
    {
        return self::Heat === $this ? $member->heat : $member->need;
    }
}
