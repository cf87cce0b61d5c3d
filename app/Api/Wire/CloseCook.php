<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How it went; `servedAt` is local, empty for now. */
final readonly class CloseCook
{
    public function __construct(
        #[Assert\Length(max: 40)] public string $servedAt,
        #[Assert\Length(max: 4000)] public string $note,
    ) {
    }
}
