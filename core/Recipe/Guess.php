<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** A word taken for another. */
final readonly class Guess
{
    /** @param string $text the text with the word put right */
    public function __construct(public string $said, public string $meant, public string $text)
    {
    }
}
