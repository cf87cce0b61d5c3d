<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A pot of water on Low, as noted. */
final readonly class WaterTestDraft
{
    /** @param list<WaterReading> $readings */
    public function __construct(
        #[Assert\Length(max: 20)] public string $water,
        #[Assert\Length(max: 20)] public string $start,
        #[Assert\Length(max: 20)] public string $room,
        #[Assert\Count(max: 48)] #[Assert\Valid] public array $readings,
        public bool $keep = false,
    ) {
    }
}
