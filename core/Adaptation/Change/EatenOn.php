<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Chilled when it is done, and warmed through for a dinner on another day. */
final readonly class EatenOn implements Change
{
    public function __construct(public \DateTimeImmutable $at)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->handled($order->handling->with(eatenOn: $this->at));
    }
}
