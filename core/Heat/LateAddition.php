<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Quantity\Duration;

final readonly class LateAddition implements Event
{
    public function __construct(private Duration $at, public Content $content)
    {
    }

    public function at(): Duration
    {
        return $this->at;
    }
}
