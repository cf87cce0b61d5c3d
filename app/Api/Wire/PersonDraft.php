<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** One who cooks, and where they usually are, as typed. */
final readonly class PersonDraft
{
    /** @param string $habits one a line: Mon to Fri 8:10 to 17:20; with "busy" after it where at home but busy */
    public function __construct(
        #[Assert\Length(min: 1, max: 36)] public string $id,
        #[Assert\Length(max: 40)] public string $name = '',
        #[Assert\Length(max: 1000)] public string $habits = '',
    ) {
    }
}
