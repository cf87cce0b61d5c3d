<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Effort;

/** More or less done in the pan. */
final readonly class WithEffort implements Change
{
    public function __construct(public Effort $effort)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->with(effort: $this->effort));
    }
}
