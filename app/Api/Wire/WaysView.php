<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What would work where a day can’t be, and what takes worries away. */
final readonly class WaysView
{
    /**
     * @param list<WayView>  $ways
     * @param list<HelpView> $helps
     */
    public function __construct(public array $ways, public array $helps)
    {
    }
}
