<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Quantity\Mass;

/** Less meat in the pot. */
final readonly class LessMeat implements Change
{
    public function __construct(public Mass $left)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->withMeat($this->left);
    }
}
