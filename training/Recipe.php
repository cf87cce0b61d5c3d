<?php

declare(strict_types=1);

namespace Pausis\Training;

/** One recipe of the corpora, with what is true of it. */
final readonly class Recipe
{
    /** @param array<string, mixed> $truth as score.py describes it; [] where only its lines are known */
    public function __construct(public string $name, public string $folder, public int $hand, public string $text, public array $truth)
    {
    }
}
