<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** One sentence of the method as understood. */
final readonly class Step
{
    /**
     * @param array{low: float, high: float}|null $minutes
     * @param float|null                          $celsius of the oven
     */
    public function __construct(
        public int $line,
        public string $source,
        public StepKind $kind,
        public ?array $minutes,
        public ?float $celsius,
        public ?Method $method,
    ) {
    }
}
