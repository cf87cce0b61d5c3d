<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Meat\Beforehand;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Quantity\Mass;

/** The meat of an order: its pieces, the bone bought with it, what was done with it before, and what other meat lies with it. */
final readonly class OrderedMeat
{
    public Mass $bone;

    /** @param list<FurtherMeat> $others */
    public function __construct(
        public Joint $joint, ?Mass $bone = null, public Beforehand $beforehand = new Beforehand(), public array $others = [],
    ) {
        $this->bone = $bone ?? Mass::kilograms(0);
    }

    public function all(): Meats
    {
        return new Meats($this->joint, array_map(static fn (FurtherMeat $m): Joint => $m->joint, $this->others));
    }

    /** With the bones of all of it, kg. */
    public function kilogramsAsBought(): float
    {
        return $this->all()->boneless()->kilograms + $this->bones()->kilograms;
    }

    public function bones(): Mass
    {
        return Mass::kilograms(
            $this->bone->kilograms + array_sum(array_map(static fn (FurtherMeat $m): float => $m->bone->kilograms, $this->others)),
        );
    }

    public function hasPoultry(): bool
    {
        return [] !== array_filter($this->all()->all(), static fn (Joint $j): bool => $j->cut->isPoultry());
    }

    public function as(Joint $joint): self
    {
        return new self($joint, $this->bone, $this->beforehand, $this->others);
    }

    public function after(Beforehand $beforehand): self
    {
        return new self($this->joint, $this->bone, $beforehand, $this->others);
    }

    /** With every piece of every meat cut into so many. */
    public function cutInto(int $parts): self
    {
        return new self(
            $this->joint->cutInto($parts), $this->bone, $this->beforehand, array_map(
                static fn (FurtherMeat $m): FurtherMeat => new FurtherMeat($m->id, $m->name, $m->joint->cutInto($parts), $m->bone),
                $this->others,
            ),
        );
    }

    /** The same cut, of this weight without its bone; as many pieces as that leaves. */
    public function weighing(Mass $boneless): self
    {
        $share = $boneless->kilograms / $this->joint->boneless->kilograms;

        return new self(
            $this->joint->weighing($boneless), Mass::kilograms($this->bone->kilograms * $share), $this->beforehand, $this->others,
        );
    }
}
