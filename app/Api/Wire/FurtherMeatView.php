<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Meat of another line as it is taken to lie in the pot. */
final readonly class FurtherMeatView
{
    /** @param string $thickness of a piece */
    public function __construct(public string $id, public string $name, public int $pieces, public string $thickness, public string $weight)
    {
    }
}
