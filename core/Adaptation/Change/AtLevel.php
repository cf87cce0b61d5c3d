<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Liquid\LevelSchool;

/** Another height of the liquid. */
final readonly class AtLevel implements Change
{
    public function __construct(public LevelSchool $level)
    {
    }

    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order->atLevel($this->level);
    }
}
