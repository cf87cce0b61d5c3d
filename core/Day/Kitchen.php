<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** What there is to work with at one time. */
final readonly class Kitchen
{
    public function __construct(public int $persons = 1, public int $rings = 4, public int $ovens = 1)
    {
    }
}
