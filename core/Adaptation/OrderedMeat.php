<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Quantity\Mass;

/** The meat of an order: its pieces, the bone bought with it, and what was done with it before. */
final readonly class OrderedMeat
{
    public Mass $bone;

    public function __construct(public Joint $joint, ?Mass $bone = null, public Beforehand $beforehand = new Beforehand())
    {
        $this->bone = $bone ?? Mass::kilograms(0);
    }

    public function as(Joint $joint): self
    {
        return new self($joint, $this->bone, $this->beforehand);
    }

    public function after(Beforehand $beforehand): self
    {
        return new self($this->joint, $this->bone, $beforehand);
    }

    /** The same cut, of this weight without its bone; as many pieces as that leaves. */
    public function weighing(Mass $boneless): self
    {
        $share = $boneless->kilograms / $this->joint->boneless->kilograms;

        return new self($this->joint->weighing($boneless), Mass::kilograms($this->bone->kilograms * $share), $this->beforehand);
    }
}
