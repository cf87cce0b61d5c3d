<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Quantity\Duration;

final readonly class LidLift implements Event
{
    public function __construct(private Duration $at, public Duration $open)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }
}
