<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What a recipe for a slow cooker says of one setting. */
final readonly class OwnHours
{
    /** @param string $setting low, medium, high, auto, or several joined by + */
    public function __construct(
        #[Assert\Length(max: 40)] public string $setting,
        #[Assert\Range(min: 0, max: 43_200)] public float $fromMinutes,
        #[Assert\Range(min: 0, max: 43_200)] public float $toMinutes,
    ) {
    }
}
