<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A side dish of the cook’s own: some work, then some cooking. */
final readonly class OwnSide
{
    /** @param string $where ring, oven or neither */
    public function __construct(
        #[Assert\Length(max: 60)] public string $name,
        #[Assert\Range(min: 0, max: 240)] public int $work,
        #[Assert\Range(min: 0, max: 480)] public int $cooking,
        #[Assert\Choice(['ring', 'oven', 'neither'])] public string $where,
    ) {
    }
}
