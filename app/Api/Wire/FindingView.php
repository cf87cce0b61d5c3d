<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A caution for this braise. */
final readonly class FindingView
{
    /**
     * @param WayView|null $help a change that was checked to help
     * @param WayView|null $goOn the cook's own decision to go on, where it is only quality; noted already where its change is empty
     */
    public function __construct(
        public string $rule,
        public string $severity,
        public string $text,
        public ?WayView $help,
        public ?WayView $goOn,
    ) {
    }
}
