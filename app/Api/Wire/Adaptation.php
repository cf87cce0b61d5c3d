<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The adapted braise. */
final readonly class Adaptation
{
    /**
     * @param list<OutcomeView> $outcomes
     * @param list<LedgerView>  $ledger
     * @param list<TaskView>    $day
     * @param list<FindingView> $findings
     */
    public function __construct(
        public string $verdict,
        public string $worry,
        public string $remedy,
        public string $remedyText,
        public array $outcomes,
        public LiquidView $liquid,
        public SaltView $salt,
        public PotView $pot,
        public array $ledger,
        public array $day,
        public array $findings,
        public SumView $before,
        public SumView $finish,
        public string $weightText,
        public string $thicknessText,
    ) {
    }
}
