<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something that was seen of a cook, so many hours after switching on. */
final readonly class CookedMark
{
    /** @param string $kind ready, not-ready, other */
    public function __construct(public float $hour, public string $kind, public string $text)
    {
    }
}
