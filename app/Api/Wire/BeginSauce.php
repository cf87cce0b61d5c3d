<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** The sauce is begun. */
final readonly class BeginSauce
{
    public function __construct(
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
