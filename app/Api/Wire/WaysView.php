<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What would work where a day can’t be. */
final readonly class WaysView
{
    /** @param list<WayView> $ways */
    public function __construct(public array $ways)
    {
    }
}
