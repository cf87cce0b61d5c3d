<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The house as set, and what the clock says there. */
final readonly class HouseView
{
    /** @param string $now local, YYYY-MM-DDTHH:MM */
    public function __construct(
        public HouseDraft $draft,
        public string $now,
        public string $boiling,
    ) {
    }
}
