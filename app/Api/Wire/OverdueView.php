<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Work that should be under way and that nobody has ticked: done, or not yet? */
final readonly class OverdueView
{
    /** @param string $cost what it means for dinner if it isn't, in words; empty where that isn't known */
    public function __construct(public string $job, public string $text, public string $clock, public string $cost)
    {
    }
}
