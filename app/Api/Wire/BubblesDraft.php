<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How the liquid looks through the lid; `at` is local, empty for now. */
final readonly class BubblesDraft
{
    /** @param string $seen none, rim or over */
    public function __construct(
        #[Assert\Length(max: 20)] public string $seen,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
