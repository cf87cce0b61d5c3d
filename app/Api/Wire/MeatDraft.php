<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * The meat as typed: "1.3 kg", "3 lb 4 oz"; thickness may be empty; start is a temperature. Where that is over a fridge's, why
 * is left-out or just-hot, and since how long ago; thawed is said of meat that the recipe has frozen, thaws that it lies in the
 * fridge in time. Longer is by how much more tender than reckoned this recipe's is wanted, in hours at 90 °C; less with a minus.
 */
final readonly class MeatDraft
{
    /** @param list<FurtherMeatDraft> $others of other lines */
    public function __construct(
        #[Assert\Length(max: 40)] public string $cut,
        #[Assert\Length(max: 60)] public string $weight,
        #[Assert\Length(max: 20)] public string $pieces,
        #[Assert\Length(max: 60)] public string $thickness,
        #[Assert\Length(max: 60)] public string $start,
        #[Assert\Length(max: 10)] public string $why = '',
        #[Assert\Length(max: 20)] public string $since = '',
        public bool $thawed = false,
        #[Assert\Count(max: 20)] #[Assert\Valid] public array $others = [],
        public bool $thaws = false,
        #[Assert\Length(max: 20)] public string $longer = '',
    ) {
    }
}
