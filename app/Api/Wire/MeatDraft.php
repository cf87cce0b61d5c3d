<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The meat as typed: "1.3 kg", "3 lb 4 oz"; thickness may be empty; start is a temperature. */
final readonly class MeatDraft
{
    public function __construct(
        #[Assert\Length(max: 40)] public string $cut,
        #[Assert\Length(max: 60)] public string $weight,
        #[Assert\Length(max: 20)] public string $pieces,
        #[Assert\Length(max: 60)] public string $thickness,
        #[Assert\Length(max: 60)] public string $start,
    ) {
    }
}
