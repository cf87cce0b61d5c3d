<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The lid was off, from when, for how long as typed. */
final readonly class LidOffDraft
{
    public function __construct(
        #[Assert\Length(max: 20)] public string $minutes,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
