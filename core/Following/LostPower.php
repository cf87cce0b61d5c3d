<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Heat\PowerCut;

/** A power cut during a cook, and whether somebody was there to know how long it was. */
final readonly class LostPower
{
    public function __construct(public PowerCut $cut, public bool $someoneHome)
    {
    }
}
