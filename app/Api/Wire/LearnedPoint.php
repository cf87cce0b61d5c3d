<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** What was known after a cook, percent of what was thought at first: nine in ten lie between the last two. */
final readonly class LearnedPoint
{
    public function __construct(public string $date, public float $percent, public float $least, public float $most)
    {
    }
}
