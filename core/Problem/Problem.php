<?php

declare(strict_types=1);

namespace Pausis\Core\Problem;

/**
 * Something a person gave that cannot be used, as data.
 *
 * The code is stable and names a message in the interface's catalogue; the path says which input is meant,
 * in dots (`meat.kg`); the variables fill the message, numbers in the SI or kitchen unit their name ends in.
 */
final readonly class Problem
{
    /** @param array<string, float|int|string> $variables */
    public function __construct(
        public string $code,
        public string $path,
        public array $variables = [],
    ) {
    }
}
