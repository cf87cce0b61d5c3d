<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Rules;

/** What this pot comes to when its lid is off for as long as the recipe says, at the end. */
final readonly class OpenLid
{
    /** Below this collagen hardly turns tender any more. */
    private const TENDERISES_FROM = 80.0;

    /**
     * @param float $away    g of steam beyond what a lidded pot loses
     * @param float $celsius to which it cools
     */
    public function __construct(public float $minutes, public float $away, public float $celsius)
    {
    }

    public function goesOnTenderising(): bool
    {
        return $this->celsius >= self::TENDERISES_FROM;
    }
}
