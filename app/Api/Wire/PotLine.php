<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One of ten pots like this: hours after switching on at which it is tender, and past its best; null where not foreseen. */
final readonly class PotLine
{
    public function __construct(
        public ?float $tender,
        public ?float $past,
    ) {
    }
}
