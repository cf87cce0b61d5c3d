<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Something that a cook may change in an order, as data: verified before it is offered, and taken as it is. */
interface Change
{
    public function of(BraiseOrder $order): BraiseOrder;
}
