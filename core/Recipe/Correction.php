<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a cook has said a sentence of a method to be, and how long it takes, whatever was read. */
final readonly class Correction
{
    public function __construct(public ?ActKind $kind = null, public ?Minutes $minutes = null)
    {
    }
}
