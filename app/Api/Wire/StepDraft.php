<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** One step of the recipe as the cook left it; kind and minutes are empty where the reading stands. */
final readonly class StepDraft
{
    public function __construct(
        public int $line,
        #[Assert\Length(max: 4000)] public string $source,
        #[Assert\Length(max: 20)] public string $kind = '',
        #[Assert\Length(max: 40)] public string $minutes = '',
        #[Assert\Length(max: 40)] public string $id = '',
    ) {
    }
}
