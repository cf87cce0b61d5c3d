<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The jobs of one dish on the evening's clock. */
final readonly class LaneView
{
    /** @param list<LaneJob> $jobs in order of time */
    public function __construct(public string $name, public array $jobs)
    {
    }
}
