<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One way to close the sauce, with what it takes and when it is eaten. */
final readonly class FinishWayView
{
    /**
     * @param string       $way     as planned, thin, or by what
     * @param string       $amount  of starch, of what boils off, of vegetables; empty for nothing
     * @param string       $minutes of work on the sauce; empty for none
     * @param string       $salt    of the sauce afterwards
     * @param string       $eat     dinner then
     * @param bool         $later   than as it is now
     * @param string       $why     it can't be taken, or needs no taking; empty where it can
     * @param list<string> $steps   in words, the deciding one first
     * @param bool         $picks   whether its starch can be chosen
     */
    public function __construct(
        public string $way,
        public string $label,
        public string $amount,
        public string $minutes,
        public string $salt,
        public string $eat,
        public bool $later,
        public string $why,
        public array $steps,
        public bool $picks,
        public ?SumView $sum,
    ) {
    }
}
