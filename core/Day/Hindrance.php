<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Why nobody is free at some time: what the only cook does then, or that several all do something. */
final readonly class Hindrance
{
    /**
     * @param Whereabouts|null $where    null asleep
     * @param Interval|null    $interval of that; null where it is different for each of several
     */
    public function __construct(public ?Whereabouts $where, public ?Interval $interval)
    {
    }
}
