<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Quantity\Mass;

/** Every meat of a pot: the one that the braise is made of, and what lies in it besides. */
final readonly class Meats
{
    /** @param list<Joint> $others */
    public function __construct(public Joint $first, public array $others = [])
    {
    }

    /** @return non-empty-list<Joint> the first of the braise first */
    public function all(): array
    {
        return [$this->first, ...$this->others];
    }

    public function boneless(): Mass
    {
        return $this->sum(static fn (Joint $j): Mass => $j->boneless);
    }

    public function lean(): Mass
    {
        return $this->sum(static fn (Joint $j): Mass => $j->lean());
    }

    public function fat(): Mass
    {
        return $this->sum(static fn (Joint $j): Mass => $j->fat());
    }

    /** @param callable(Joint): Mass $mass */
    private function sum(callable $mass): Mass
    {
        return Mass::kilograms(array_sum(array_map(static fn (Joint $j): float => $mass($j)->kilograms, $this->all())));
    }
}
