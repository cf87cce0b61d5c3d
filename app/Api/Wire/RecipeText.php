<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

use Symfony\Component\Validator\Constraints as Assert;

/** A recipe as pasted, or a file with one in it. */
final readonly class RecipeText
{
    /**
     * @param string $name     of the file; empty for pasted text
     * @param string $measures whose cups and spoons; empty for a guess from the text
     */
    public function __construct(
        #[Assert\Length(
            max: 3_000_000, countUnit: Assert\Length::COUNT_BYTES,
            maxMessage: 'This is larger than 3 MB. Save the page as text, or paste the recipe alone.',
        )] public string $text,
        #[Assert\Length(max: 255)] public string $name = '',
        #[Assert\Length(max: 20)] public string $measures = '',
    ) {
    }
}
