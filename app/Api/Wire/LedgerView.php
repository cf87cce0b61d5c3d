<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One change to the recipe. */
final readonly class LedgerView
{
    /**
     * @param string $key    by which it can be refused; empty where it can’t
     * @param string $amount that may be set otherwise; empty where there is none
     * @param string $press  the word that refuses it, or takes that back
     * @param string $state  what it is once refused; empty where it isn’t
     * @param bool   $choice whether the recipe leaves it to the cook, and it is done only if chosen
     */
    public function __construct(
        public string $code,
        public string $was,
        public string $is,
        public string $why,
        public ?SumView $sum,
        public string $key,
        public bool $refused,
        public string $amount,
        public string $press,
        public string $state,
        public bool $choice,
    ) {
    }
}
