<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** One thing that a cook wanted otherwise, as it was understood. */
final readonly class ReadyChangeView
{
    /**
     * @param string $words  the cook's
     * @param string $says   what it changes; empty where it is only remembered
     * @param string $effect what follows from that
     */
    public function __construct(
        public string $words, public string $says, public string $effect, public bool $canBeTaken, public bool $taken,
    ) {
    }
}
