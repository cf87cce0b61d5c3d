<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A job that is done, or isn't yet. */
final readonly class JobDone
{
    public function __construct(
        #[Assert\Length(min: 1, max: 60)] public string $job,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
        public bool $done = true,
    ) {
    }
}
