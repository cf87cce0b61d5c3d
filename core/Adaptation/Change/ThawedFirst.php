<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Out of the freezer and into the fridge in time. */
final readonly class ThawedFirst implements Change
{
    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->after($order->meat->beforehand->thawing());
    }
}
