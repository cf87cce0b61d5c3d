<?php

declare(strict_types=1);

namespace Pausis\Core\Explain;

/** One addend of a sum, signed, with what it was worked out from. */
final readonly class Term
{
    /**
     * @param string                          $code names the rule in docs/model.md and in the interface's catalogue
     * @param array<string, float|int|string> $from inputs of the rule, numbers in the unit their name ends in
     */
    public function __construct(public string $code, public float $value, public array $from = [])
    {
    }
}
