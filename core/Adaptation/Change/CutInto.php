<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Each piece of meat cut into so many. */
final readonly class CutInto implements Change
{
    public function __construct(public int $parts)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->butchered($order->meat->cutInto($this->parts));
    }
}
