<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Loaded cold, and started later by a timer. */
final readonly class Delayed implements Change
{
    public function __construct(public float $hours)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->delayed($this->hours));
    }
}
