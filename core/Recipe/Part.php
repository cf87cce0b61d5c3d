<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** What belongs together in a recipe: the braise, its mash, what is scattered over it. */
final readonly class Part
{
    /**
     * @param list<string> $ingredients ids; a food may be in several parts
     * @param list<Act>    $acts        in order
     */
    public function __construct(
        public string $id, public PartKind $kind, public string $title, public array $ingredients, public array $acts,
    ) {
    }
}
