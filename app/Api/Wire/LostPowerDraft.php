<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The power was off, from when, for how long as typed, and whether somebody was there. */
final readonly class LostPowerDraft
{
    public function __construct(
        #[Assert\Length(max: 20)] public string $minutes,
        public bool $home,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
