<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** One reading of the water’s temperature. */
final readonly class WaterReading
{
    /** @param string $after switching on: 2 h, 2:30 */
    public function __construct(
        #[Assert\Length(max: 20)] public string $after,
        #[Assert\Length(max: 20)] public string $temperature,
    ) {
    }
}
