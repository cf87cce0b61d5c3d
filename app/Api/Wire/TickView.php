<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** A mark of a scale, and what stands at it. */
final readonly class TickView
{
    public function __construct(public float $at, public string $text)
    {
    }
}
