<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;

/** What this household has said some words mean. */
final readonly class Vocabulary
{
    /** @param array<string, array{food: string, role: Role|null, ignored: bool}> $meanings by normal words (Larder::normal) */
    public function __construct(private array $meanings = [])
    {
    }

    /** @return array{food: string, role: Role|null, ignored: bool}|null */
    public function meaning(string $foodText): ?array
    {
        return [] === $this->meanings ? null : $this->meanings[Larder::normal($foodText)] ?? null;
    }
}
