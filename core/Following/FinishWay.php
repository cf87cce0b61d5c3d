<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Explain\Sum;
use Pausis\Core\Finish\Closing;
use Pausis\Core\Finish\Slurry;

/** One way to close the sauce: its amounts, minutes, salt, and when it is eaten. */
final readonly class FinishWay
{
    /**
     * @param Slurry|null        $slurry      that is stirred in
     * @param float              $boilsOff    mL
     * @param float              $blends      g of vegetables
     * @param float              $leaves      mL
     * @param float              $minutes     of work on the sauce
     * @param float              $saltPercent of the sauce afterwards
     * @param \DateTimeImmutable $serve       when it is on the plates
     * @param FinishState        $state       whether it can be, and is worth it
     * @param Sum|null           $sum         of its amount
     */
    public function __construct(
        public Closing $closing, public ?Slurry $slurry, public float $boilsOff, public float $blends, public float $leaves,
        public float $minutes, public float $saltPercent, public \DateTimeImmutable $serve, public FinishState $state, public ?Sum $sum,
    ) {
    }
}
