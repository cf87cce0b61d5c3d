<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What a cook has said of a sentence of a method, whatever was read in it; null where the reading stands. */
final readonly class Correction
{
    /** @param list<string>|null $foods ids of what it takes */
    public function __construct(
        public ?ActKind $kind = null, public ?Minutes $minutes = null, public ?When $when = null, public ?array $foods = null,
    ) {
    }
}
