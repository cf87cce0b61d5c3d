<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * 10th, 50th and 90th percentile of a time in hours after switching on, or another last one where asked for; null where not reached within
 * the horizon.
 */
final readonly class Window
{
    public function __construct(public ?float $earliest, public ?float $likely, public ?float $latest)
    {
    }

    /** None of it later than what has been seen. */
    public function noLaterThan(float $hours): self
    {
        return new self(min($this->earliest ?? $hours, $hours), min($this->likely ?? $hours, $hours), min($this->latest ?? $hours, $hours));
    }
}
