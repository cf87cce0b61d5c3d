<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What takes a worry away; it was taken and planned. */
final readonly class HelpView
{
    public function __construct(public string $rule, public WayView $way)
    {
    }
}
