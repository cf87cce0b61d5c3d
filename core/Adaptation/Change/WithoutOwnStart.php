<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Switched on when the plan says. */
final readonly class WithoutOwnStart implements Change
{
    public function __construct()
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->startedAt(null));
    }
}
