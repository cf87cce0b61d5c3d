<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Sureness;

/** Dinner in time more or less often. */
final readonly class AsSure implements Change
{
    public function __construct(public Sureness $sureness)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->asSureAs($this->sureness);
    }
}
