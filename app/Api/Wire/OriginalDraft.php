<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How the recipe's author cooked it; hours and oven as typed, each may be empty. */
final readonly class OriginalDraft
{
    /** @param list<OwnHours> $settings of a slow cooker, as the recipe has them */
    public function __construct(
        #[Assert\Length(max: 20)] public string $method,
        #[Assert\Length(max: 60)] public string $hours,
        #[Assert\Length(max: 60)] public string $oven,
        public bool $boilsWine,
        #[Assert\Count(max: 10)] #[Assert\Valid] public array $settings = [],
    ) {
    }
}
