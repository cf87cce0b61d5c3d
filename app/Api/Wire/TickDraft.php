<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A job that was done, isn't done yet, or of which nothing is said any more; id names the record, at is empty for now. */
final readonly class TickDraft
{
    public function __construct(
        #[Assert\Length(min: 1, max: 400)] public string $job,
        #[Assert\Choice(['done', 'not-yet', 'taken-back'])] public string $is = 'done',
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 60)] public string $id = '',
    ) {
    }
}
