<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** When the pot was switched on, local YYYY-MM-DDTHH:MM; empty for now. */
final readonly class StartCook
{
    public function __construct(
        #[Assert\Length(max: 16)] public string $at,
        #[Assert\Length(max: 20)] public string $setting,
    ) {
    }
}
