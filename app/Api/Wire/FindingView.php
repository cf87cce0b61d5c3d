<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A caution for this braise. */
final readonly class FindingView
{
    /**
     * @param bool         $asks whether something may help, to be asked for with the ways out
     * @param WayView|null $goOn the cook's own decision to go on, where it is only quality; noted already where its change is empty
     */
    public function __construct(
        public string $rule,
        public string $severity,
        public string $text,
        public bool $asks,
        public ?WayView $goOn,
    ) {
    }
}
