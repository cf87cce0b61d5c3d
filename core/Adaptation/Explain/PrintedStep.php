<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\Rules\Deed;

/** One step of the adapted recipe as it is printed: the recipe's own words, or other ones for what is done otherwise. */
final readonly class PrintedStep
{
    /**
     * @param list<string> $acts  ids
     * @param string       $words of the recipe
     * @param Deed|null    $deed  whose code says it; null where the recipe's words do
     */
    public function __construct(public array $acts, public string $words, public ?Deed $deed = null)
    {
    }
}
