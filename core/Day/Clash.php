<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Why no plan serves on time, and the nearest dinner that the planner has itself checked would work. */
final readonly class Clash
{
    /** @param array<string, float|int|string|\DateTimeImmutable> $variables */
    public function __construct(public ClashReason $reason, public array $variables, public ?\DateTimeImmutable $serveFrom)
    {
    }
}
