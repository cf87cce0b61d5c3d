<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Liquid\LayerOrder;

/** How the cook goes about it: what is done before, how the pot is loaded, and when it is looked into. */
final readonly class Handling
{
    /**
     * @param bool                    $hotLiquid          poured in close to the boil
     * @param bool                    $warmInsert         rinsed with hot water first
     * @param list<float>             $lidLifts           hours after switching on
     * @param bool                    $cutsTheNightBefore vegetables cut the evening before, in the fridge by themselves
     * @param int                     $sauceWaits         minutes that the finished sauce waits, so that hands are free for the sides
     * @param \DateTimeImmutable|null $switchOn           set by the cook; null leaves it to the plan
     */
    public function __construct(
        public Effort $effort = Effort::Full,
        public bool $hotLiquid = false,
        public bool $warmInsert = false,
        public LayerOrder $layers = LayerOrder::RootsUnder,
        public array $lidLifts = [],
        public ?\DateTimeImmutable $switchOn = null,
        public bool $cutsTheNightBefore = false,
        public int $sauceWaits = 0,
    ) {
    }
}
