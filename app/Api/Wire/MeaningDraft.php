<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What the cook says that a line of a recipe means. */
final readonly class MeaningDraft
{
    /** @param string $role empty for that of the food */
    public function __construct(
        #[Assert\Length(min: 1, max: 4000)] public string $source,
        #[Assert\Length(max: 400)] public string $food,
        #[Assert\Length(max: 20)] public string $role,
        public bool $ignored,
    ) {
    }
}
