<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A cooker as typed; watts and auto-warm may be empty. The revision is that from which it was changed, 0 for whatever it is. */
final readonly class CookerDraft
{
    public function __construct(
        #[Assert\Length(max: 80)] public string $name,
        #[Assert\Length(max: 40)] public string $capacity,
        #[Assert\Length(max: 10)] public string $shape,
        #[Assert\Length(max: 40)] public string $watts,
        #[Assert\Length(max: 40)] public string $autoWarm,
        public bool $hasMedium = false,
        #[Assert\PositiveOrZero] public int $revision = 0,
    ) {
    }
}
