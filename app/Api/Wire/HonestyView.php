<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The windows that were given on one setting, and where the truth fell. */
final readonly class HonestyView
{
    /** @param list<HeldWindow> $windows in the order of the cooks */
    public function __construct(public string $setting, public string $text, public array $windows)
    {
    }
}
