<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What is left in the pot as typed, the thickness wanted, and how it is come to: as planned, thin, or by what. */
final readonly class SauceDraft
{
    public function __construct(
        #[Assert\Length(max: 60)] public string $left,
        #[Assert\Length(max: 20)] public string $thickness,
        #[Assert\Length(max: 20)] public string $thickener,
        #[Assert\Length(max: 20)] public string $way = '',
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
