<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Shop;

use Pausis\Core\Adaptation\AdaptedBraise;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Meat\Cut;
use Pausis\Core\Problem\Problem;

/** A cut in one form for the day: how much of it to buy, and what it would come to. */
final readonly class MeatOffer
{
    /**
     * @param float              $kilograms as bought
     * @param AdaptedBraise|null $braise    sketched: with a small ensemble and without findings; null where there is no such piece
     * @param list<Problem>      $problems  why there is none
     */
    public function __construct(
        public Cut $cut, public Form $form, public float $kilograms, public int $pieces, public ?AdaptedBraise $braise,
        public array $problems = [],
    ) {
    }

    /** Its day; null where it wouldn't be ready, or not safely. */
    public function day(): ?DayPlan
    {
        if (null === $this->braise || null !== $this->braise->chosen->unsafe) {
            return null;
        }
        $day = $this->braise->day();

        return $day instanceof DayPlan ? $day : null;
    }

    /** @return array{int, int, float} the smaller, the better it suits the day: ready, not past its best, held shortest */
    public function rank(): array
    {
        $day = $this->day();

        return [null === $day ? 1 : 0, true === $day?->isPastBest() ? 1 : 0, $day->holdMinutes ?? 0.0];
    }
}
