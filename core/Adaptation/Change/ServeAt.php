<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Another dinner. */
final readonly class ServeAt implements Change
{
    public function __construct(public \DateTimeImmutable $at)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->servedAt($this->at);
    }
}
