<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

use Pausis\Core\Quantity\Length;

/** Who cooks, and what there is to work with at one time. */
final readonly class Kitchen
{
    /** A large frying pan. */
    private const USUAL_PAN_METRES = 0.28;

    /** @param list<Length> $pans diameters at the rim */
    public function __construct(public People $people = new People(), public int $rings = 4, public int $ovens = 1, public array $pans = [])
    {
    }

    public static function alone(Presence $presence): self
    {
        return new self(People::alone($presence));
    }

    public function with(People $people): self
    {
        return new self($people, $this->rings, $this->ovens, $this->pans);
    }

    public function andMore(int $rings, int $ovens): self
    {
        return new self($this->people, $this->rings + $rings, $this->ovens + $ovens, $this->pans);
    }

    /** The widest: meat browns and sauce boils away by area. */
    public function pan(): Length
    {
        return Length::metres(max(
            0.0,
            ...array_map(
                static fn (Length $l): float => $l->metres, [] === $this->pans ? [Length::metres(self::USUAL_PAN_METRES)] : $this->pans,
            ),
        ));
    }
}
