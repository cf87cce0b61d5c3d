<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What the fork said, and when, local; empty for now. */
final readonly class ForkTestDraft
{
    public function __construct(
        #[Assert\Length(max: 20)] public string $answer,
        #[Assert\Length(max: 16)] public string $at,
    ) {
    }
}
