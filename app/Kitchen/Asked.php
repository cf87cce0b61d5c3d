<?php

declare(strict_types=1);

namespace Pausis\App\Kitchen;

/** It can be done once these are answered. */
final class Asked extends \RuntimeException
{
    /** @param non-empty-list<Question> $questions */
    public function __construct(public readonly array $questions)
    {
        parent::__construct('Something has to be said first.');
    }
}
