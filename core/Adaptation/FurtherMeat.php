<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;

/** Meat that lies in the pot beside the one that the braise is made of. */
final readonly class FurtherMeat
{
    /**
     * @param string $id   of its line
     * @param string $name in the recipe's words
     * @param Mass   $bone bought with it
     */
    public function __construct(public string $id, public string $name, public Joint $joint, public Mass $bone)
    {
    }
}
