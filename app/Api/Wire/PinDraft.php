<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A job that the cook wants to begin at a time: local, YYYY-MM-DDT and a time as typed. */
final readonly class PinDraft
{
    public function __construct(
        #[Assert\Length(max: 60)] public string $job,
        #[Assert\Length(max: 60)] public string $at,
    ) {
    }
}
