<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

/** What the cook wants done with the liquids, whatever the balance would say. */
final readonly class LiquidWishes
{
    /**
     * @param array<string, float> $fixed     mL to pour, by food
     * @param list<string>         $unboiled  foods that go into the pot without being boiled down
     * @param list<string>         $early     dairy that goes in from the start
     * @param bool                 $addsWater whether liquid may be added that the recipe doesn't have
     * @param bool                 $reduces   whether what is too much is boiled off at the end
     * @param float|null           $leaves    share of the sauce that is left at the end; null as much as the recipe's own way leaves
     */
    public function __construct(
        public array $fixed = [],
        public array $unboiled = [],
        public array $early = [],
        public bool $addsWater = true,
        public bool $reduces = true,
        public ?float $leaves = null,
    ) {
    }

    public function leaving(float $share): self
    {
        return new self($this->fixed, $this->unboiled, $this->early, $this->addsWater, $this->reduces, $share);
    }
}
