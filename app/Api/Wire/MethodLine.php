<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One line of the adapted recipe. */
final readonly class MethodLine
{
    /**
     * @param string       $column   before, pot or plate
     * @param string       $at       ISO 8601; empty where it has no time of its own
     * @param bool         $gone     a sentence of the recipe of which nothing is left
     * @param list<string> $foods    as they are to be weighed out
     * @param list<string> $uses     ids of their lines
     * @param list<int>    $changes  places in the ledger
     * @param list<string> $takeOut  to tick as it comes out
     * @param list<int>    $findings places in the findings
     */
    public function __construct(
        public string $column,
        public string $clock,
        public string $at,
        public int $minutes,
        public string $who,
        public string $text,
        public bool $gone,
        public array $foods,
        public array $uses,
        public array $changes,
        public array $takeOut,
        public array $findings,
    ) {
    }
}
