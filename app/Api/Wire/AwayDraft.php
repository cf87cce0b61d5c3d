<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** Local times, YYYY-MM-DDTHH:MM. */
final readonly class AwayDraft
{
    public function __construct(
        #[Assert\Length(max: 60)] public string $from,
        #[Assert\Length(max: 60)] public string $to,
    ) {
    }
}
