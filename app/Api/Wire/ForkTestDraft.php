<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What the fork said. `at` is local, empty for now; `id` is the record's own, so that it is taken once. */
final readonly class ForkTestDraft
{
    public function __construct(
        #[Assert\Length(max: 20)] public string $answer,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
