<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;

/** Another setting, or High then Low. */
final readonly class RunOn implements Change
{
    public function __construct(public ProgramChoice $choice)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->choosing($this->choice);
    }
}
