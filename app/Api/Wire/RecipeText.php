<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A recipe as pasted. */
final readonly class RecipeText
{
    public function __construct(
        #[Assert\Length(max: 200_000, countUnit: Assert\Length::COUNT_BYTES, maxMessage: 'The text is longer than 200 kB.')] public string $text,
    ) {
    }
}
