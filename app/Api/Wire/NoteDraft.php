<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** What is to be remembered of a pot, in the cook's words. */
final readonly class NoteDraft
{
    public function __construct(
        #[Assert\Length(max: 500)] public string $text,
        #[Assert\Length(max: 40)] public string $at = '',
        #[Assert\Length(max: 36)] public string $id = '',
    ) {
    }
}
