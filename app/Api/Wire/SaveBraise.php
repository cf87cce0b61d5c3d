<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A draft, and the revision it was made from. */
final readonly class SaveBraise
{
    public function __construct(
        #[Assert\PositiveOrZero] public int $revision,
        #[Assert\Valid] public BraiseDraft $draft,
    ) {
    }
}
