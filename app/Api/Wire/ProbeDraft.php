<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What a thermometer in the pot reads, as typed; a bare number is in the house's units. `at` is local, empty for now. */
final readonly class ProbeDraft
{
    /** @param string $place core or liquid */
    public function __construct(
        #[Assert\Length(max: 10)] public string $place,
        #[Assert\Length(max: 20)] public string $reading,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
