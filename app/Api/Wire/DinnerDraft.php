<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Dinner so many minutes later, or sooner where negative, and for how many; 0 and empty leave it. */
final readonly class DinnerDraft
{
    public function __construct(
        #[Assert\Range(min: -240, max: 480)] public int $later = 0,
        #[Assert\Length(max: 20)] public string $serves = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
