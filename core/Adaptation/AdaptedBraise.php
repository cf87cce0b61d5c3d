<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation;

use Pausis\Core\Finish\Slurry;
use Pausis\Core\Safety\Finding;

/** The answer to an order. */
final readonly class AdaptedBraise
{
    /**
     * @param list<SettingOutcome> $outcomes in the order Low, Medium where the cooker has it, High, and High then Low where Low is refused
     * @param SettingOutcome       $chosen   the cook's choice, or the best
     * @param list<LedgerEntry>    $ledger
     * @param list<Finding>        $findings the most serious first
     * @param list<AdaptedStep>    $method
     * @param list<LevelCost>      $levels   every school's
     * @param list<WayOut>         $ways     out of a day that can't be, each planned
     */
    public function __construct(
        public BraiseOrder $order,
        public array $outcomes,
        public SettingOutcome $chosen,
        public Slurry $slurry,
        public array $ledger,
        public array $findings,
        public array $method,
        public array $levels,
        public array $ways = [],
    ) {
    }

    public function worst(): ?Finding
    {
        return $this->findings[0] ?? null;
    }
}
