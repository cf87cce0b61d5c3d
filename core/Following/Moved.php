<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

/** What has moved of a plan: its start, its dinner, its setting; each null where it stays. */
final readonly class Moved
{
    /**
     * @param \DateTimeImmutable|null $serve   dinner, now
     * @param \DateTimeImmutable|null $on      the start, now
     * @param string|null             $setting now
     * @param bool                    $never   no moment is left for it
     */
    public function __construct(
        public ?\DateTimeImmutable $serve = null, public ?\DateTimeImmutable $on = null, public ?string $setting = null,
        public bool $never = false,
    ) {
    }
}
