<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Where somebody is for a while, against the habit of that day. */
final readonly class Stay
{
    public function __construct(public Interval $interval, public Whereabouts $where)
    {
    }
}
