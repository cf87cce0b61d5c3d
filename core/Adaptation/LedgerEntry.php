<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Explain\Sum;

/** One change to the recipe: was → is, why, and the sum behind it. Wording by code. */
final readonly class LedgerEntry
{
    /** @param array<string, float|int|string> $variables numbers in the unit their name ends in */
    public function __construct(public string $code, public array $variables = [], public ?Sum $sum = null)
    {
    }
}
