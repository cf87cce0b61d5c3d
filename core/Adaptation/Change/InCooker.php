<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Cooker\Cooker;

/** Another cooker of the house. */
final readonly class InCooker implements Change
{
    public function __construct(public string $id, public string $name, public Cooker $cooker)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->cookedBy($this->cooker);
    }
}
