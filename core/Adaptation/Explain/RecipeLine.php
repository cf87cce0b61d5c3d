<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\Rules\LedgerEntry;
use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\Ingredient;
use Pausis\Core\Safety\Finding;

/** One line of the adapted recipe: what is done, with what, what was changed in it, and what is to be minded there. */
final readonly class RecipeLine
{
    /**
     * @param PrintedStep       $step     its words
     * @param bool              $isGone   a sentence of the recipe of which nothing is left
     * @param list<Act>         $acts     that it tells
     * @param list<Ingredient>  $foods    that are first used here
     * @param list<LedgerEntry> $changes
     * @param list<Finding>     $findings
     */
    public function __construct(
        public Column $column, public PrintedStep $step, public bool $isGone, public array $acts, public array $foods = [],
        public array $changes = [], public array $findings = [],
    ) {
    }

    /** @param list<Ingredient> $foods */
    public function using(array $foods): self
    {
        return new self($this->column, $this->step, $this->isGone, $this->acts, $foods, $this->changes, $this->findings);
    }

    public function changedBy(LedgerEntry $entry): self
    {
        return new self(
            $this->column, $this->step, $this->isGone, $this->acts, $this->foods, [...$this->changes, $entry], $this->findings,
        );
    }

    public function minding(Finding $finding): self
    {
        return new self(
            $this->column, $this->step, $this->isGone, $this->acts, $this->foods, $this->changes, [...$this->findings, $finding],
        );
    }
}
