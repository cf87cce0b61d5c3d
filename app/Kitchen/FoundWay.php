<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\Core\Adaptation\Explain\WayOut;

/** A way out that was taken and planned: what it changes in the draft, and the dinner that it leads to. */
final readonly class FoundWay
{
    /**
     * @param array<string, mixed> $patch of the draft; empty where it is only advice
     * @param WayOut|null          $also  what the kitchen needs besides
     */
    public function __construct(
        public WayOut $way, public array $patch, public ?\DateTimeImmutable $serve, public ?WayOut $also = null,
    ) {
    }
}
