<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A side dish of the cook’s own: some work, then some cooking, as typed; a bare number is minutes. */
final readonly class OwnSide
{
    /** @param string $where ring, oven or neither */
    public function __construct(
        #[Assert\Length(max: 60)] public string $name,
        #[Assert\Length(max: 60)] public string $work,
        #[Assert\Length(max: 60)] public string $cooking,
        #[Assert\Choice(['ring', 'oven', 'neither'])] public string $where,
    ) {
    }
}
