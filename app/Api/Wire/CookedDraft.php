<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What a cook says of a cook that is over, as typed. */
final readonly class CookedDraft
{
    /**
     * @param int    $revision that it was made from
     * @param string $cookedBy a person's id, empty where nobody says
     */
    public function __construct(
        public int $revision,
        #[Assert\Length(max: 4000)] public string $note,
        #[Assert\Length(max: 2000)] public string $nextTime,
        #[Assert\Range(min: 0, max: 5)] public int $meatStars,
        #[Assert\Range(min: 0, max: 5)] public int $sauceStars,
        #[Assert\Length(max: 20)] public string $cookedBy,
        public bool $leftOut,
    ) {
    }
}
