<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** An answer to the question about a line that can be pressed: what the line then says; null leaves it as it is. */
final readonly class SuggestedAnswer
{
    public function __construct(
        public string $text, public ?string $amount = null, public ?string $food = null, public bool $ignored = false,
    ) {
    }
}
