<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Evaluate;

use Pausis\Core\Learning\LookCost;
use Pausis\Core\Learning\Window;

/** How a pot heats up: hours after switching on. */
final readonly class Heating
{
    /**
     * @param Window $core60      the coldest point of the meat past 60 °C
     * @param Window $pot60       the liquid
     * @param Window $coreSafe    the core as hot as this meat must be
     * @param float  $fridgeTo60  hours from the fridge until all is past 60 °C in nine pots of ten, INF if never
     * @param float  $lookMinutes that the planned looks under the lid cost, or one look would
     */
    public function __construct(
        public Window $core60, public Window $pot60, public Window $coreSafe, public float $fridgeTo60, public float $lookMinutes,
        public LookCost $test,
    ) {
    }

    /** With the hours from the fridge until all is past 60 °C. */
    public function fromTheFridge(float $hours): self
    {
        return new self($this->core60, $this->pot60, $this->coreSafe, $hours, $this->lookMinutes, $this->test);
    }
}
