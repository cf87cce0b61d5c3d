<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A caution for this braise. */
final readonly class FindingView
{
    /** @param WayView|null $help a change that was checked to help */
    public function __construct(
        public string $rule,
        public string $severity,
        public string $text,
        public ?WayView $help,
    ) {
    }
}
