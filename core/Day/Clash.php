<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Why no plan serves on time, and the nearest dinners that the planner has itself checked would work. */
final readonly class Clash
{
    /**
     * @param array<string, float|int|string|\DateTimeImmutable> $variables
     * @param \DateTimeImmutable|null                            $serveFrom   the nearest after the one that is wanted
     * @param \DateTimeImmutable|null                            $serveBefore the nearest before it
     * @param Hindrance|null                                     $hindrance   where somebody was needed
     */
    public function __construct(
        public ClashReason $reason, public array $variables, public ?\DateTimeImmutable $serveFrom,
        public ?\DateTimeImmutable $serveBefore = null, public ?Hindrance $hindrance = null,
    ) {
    }
}
