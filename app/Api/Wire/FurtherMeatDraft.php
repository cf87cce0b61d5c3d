<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** How the meat of another line lies in the pot, as typed; empty where the line says it. */
final readonly class FurtherMeatDraft
{
    public function __construct(
        #[Assert\Length(max: 400)] public string $id,
        #[Assert\Length(max: 20)] public string $pieces = '',
        #[Assert\Length(max: 60)] public string $thickness = '',
    ) {
    }
}
