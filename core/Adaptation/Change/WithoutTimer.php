<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Started at once. */
final readonly class WithoutTimer implements Change
{
    public function __construct()
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->with(delayHours: 0.0));
    }
}
