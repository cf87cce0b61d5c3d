<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A window beside its likely time, hours from it, and the looks between which the meat became ready. */
final readonly class HeldWindow
{
    /**
     * @param float|null $after null where no look found it not ready
     * @param float|null $by    null where none found it ready
     */
    public function __construct(
        public string $id, public string $text, public string $held, public float $earliest, public float $latest, public ?float $after,
        public ?float $by,
    ) {
    }
}
