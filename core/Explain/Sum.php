<?php

declare(strict_types=1);

namespace Pausis\Core\Explain;

/** A number shown to a cook, as the sum of its terms. */
final readonly class Sum
{
    public float $total;

    /**
     * @param string     $unit  of the total and every term: mL, g, min
     * @param list<Term> $terms
     */
    public function __construct(public string $code, public string $unit, public array $terms)
    {
        $this->total = array_sum(array_map(static fn (Term $t): float => $t->value, $terms));
    }
}
