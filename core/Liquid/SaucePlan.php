<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;

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
     * @param float              $more     mL more than was thought, where somebody has looked; less where negative
     * @param float              $toppedUp mL that were added since it was loaded, thought of in what it ends with; less where negative
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
        public float $more = 0.0,
        public float $toppedUp = 0.0,
    ) {
    }

    /**
     * With so much in the pot as is seen in it.
     *
     * @param float $left mL
     */
    public function seen(float $left, bool $reduces): self
    {
        $more = $left - $this->atEnd->total;

        return new self(
            $this->original, new Sum($this->atEnd->code, $this->atEnd->unit, [...$this->atEnd->terms, new Term('as-seen', $more)]),
            min($this->target, $left), $this->targetIsFloor, $this->load, $this->recipe,
            $reduces ? SauceBalance::worthReducing($left - $this->target) : 0.0, $this->changes, more: $more, toppedUp: $this->toppedUp,
        );
    }

    /**
     * With what was added since it was loaded.
     *
     * @param float $millilitres less where negative
     */
    public function toppedUp(float $millilitres, bool $reduces): self
    {
        $left = max(0.0, $this->atEnd->total + $millilitres);
        $added = new Term('topped-up', $left - $this->atEnd->total);

        return new self(
            $this->original, new Sum($this->atEnd->code, $this->atEnd->unit, [...$this->atEnd->terms, $added]),
            min($this->target, $left), $this->targetIsFloor, $this->load, $this->recipe,
            $reduces ? SauceBalance::worthReducing($left - $this->target) : 0.0, $this->changes, more: $this->more, toppedUp: $added->value,
        );
    }

    /** Boiled down less: further it would be too salty. */
    public function reducedLess(float $reduce): self
    {
        return new self(
            $this->original, $this->atEnd, $this->target, $this->targetIsFloor, $this->load, $this->recipe, $reduce, $this->changes,
            max(0.0, $this->reduce - $reduce), $this->more, $this->toppedUp,
        );
    }

    /** mL of sauce once it is boiled down. */
    public function left(): float
    {
        return max(0.0, $this->atEnd->total - $this->reduce);
    }
}
