<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Explain\Sum;

/** How much liquid to load, and what it comes to. */
final readonly class SaucePlan
{
    /**
     * @param Sum                $original what the recipe's own way ends with, mL
     * @param Sum                $atEnd    what this pot ends with before any reduction, mL
     * @param float              $target   sauce wanted, mL
     * @param float              $load     liquid in the pot at the start, mL
     * @param float              $recipe   liquid the recipe has, mL
     * @param float              $reduce   to boil off on the hob at the end, mL
     * @param list<LiquidChange> $changes
     * @param float              $tooSalty mL that stay though they are too much, since boiled down the sauce would be too salty
     */
    public function __construct(
        public Sum $original,
        public Sum $atEnd,
        public float $target,
        public bool $targetIsFloor,
        public float $load,
        public float $recipe,
        public float $reduce,
        public array $changes,
        public float $tooSalty = 0.0,
    ) {
    }

    /** Boiled down less: further it would be too salty. */
    public function reducedLess(float $reduce): self
    {
        return new self(
            $this->original, $this->atEnd, $this->target, $this->targetIsFloor, $this->load, $this->recipe, $reduce, $this->changes,
            max(0.0, $this->reduce - $reduce),
        );
    }

    /** mL of sauce once it is boiled down. */
    public function left(): float
    {
        return max(0.0, $this->atEnd->total - $this->reduce);
    }
}
