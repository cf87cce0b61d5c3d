<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

use Pausis\Core\Explain\Sum;

/** One change to the recipe: was → is, why, and the sum behind it. Wording by code. */
final readonly class LedgerEntry
{
    /**
     * @param array<string, float|int|string> $variables numbers in the unit their name ends in
     * @param string                          $key       by which it can be refused; empty where it can't
     * @param bool                            $refused   the cook does without it, and everything is worked out so
     * @param float|null                      $amount    mL that the cook may set otherwise; null where there is nothing to set
     */
    public function __construct(
        public string $code,
        public array $variables = [],
        public ?Sum $sum = null,
        public string $key = '',
        public bool $refused = false,
        public ?float $amount = null,
    ) {
    }

    /** Whether the recipe leaves it to the cook, so that to refuse leaving it out is to choose it. */
    public function isChoice(): bool
    {
        return str_starts_with($this->code, 'step-only-');
    }
}
