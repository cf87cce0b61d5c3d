<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Cut and mixed the evening before. */
final readonly class EveningWork implements Change
{
    public function __construct()
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->eveningBefore());
    }
}
