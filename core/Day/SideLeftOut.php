<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** What a recipe serves beside its braise and the cook doesn't make. */
final readonly class SideLeftOut
{
    /**
     * @param string       $name  as the table calls it, with the recipe's amount
     * @param list<string> $acts  of the recipe that make it, ids
     * @param list<string> $foods keys of the ingredients that only it needs
     */
    public function __construct(public string $id, public string $name, public array $acts, public array $foods)
    {
    }

    /** By which leaving it out can be refused: at the sentence that begins it. */
    public function key(): string
    {
        return [] === $this->acts ? "side:$this->id" : 'step:'.preg_replace('/\.\d+$/', '', $this->acts[0]).":no-$this->id";
    }
}
