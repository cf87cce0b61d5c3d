<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

use Pausis\Core\Recipe\Wish;

/** What a cook wanted otherwise next time, as a change of the draft that can be taken. */
final readonly class ReadyChange
{
    /**
     * @param array<string, mixed> $patch of the draft (RFC 7396); empty where it is only to be remembered
     * @param WorkedBraise|null    $with  what follows from it alone
     */
    public function __construct(public Wish $wish, public array $patch, public ?WorkedBraise $with = null)
    {
    }

    public function canBeTaken(): bool
    {
        return [] !== $this->patch;
    }
}
