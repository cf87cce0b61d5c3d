<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Change;

use Pausis\Core\Adaptation\BraiseOrder;

/** Some of the side dishes left out, or another in their place. */
final readonly class OtherSides implements Change
{
    /**
     * @param list<string> $without ids
     * @param list<string> $with    ids
     */
    public function __construct(public array $without, public array $with = [])
    {
    }

    /** The braise itself stays as it is. */
    public function of(BraiseOrder $order): BraiseOrder
    {
        return $order;
    }
}
