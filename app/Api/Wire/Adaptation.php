<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The adapted braise. */
final readonly class Adaptation
{
    /**
     * @param string            $remedyThickness of the pieces after a remedy that cuts them
     * @param string            $serveAt         ISO 8601
     * @param string            $serveFrom       the earliest dinner that works, local YYYY-MM-DDTHH:MM, where this one does not
     * @param list<OutcomeView> $outcomes
     * @param list<LedgerView>  $ledger
     * @param list<TaskView>    $day
     * @param list<FindingView> $findings
     * @param string            $serveText       when dinner was taken to be
     * @param list<WayView>     $ways            out of a day that can’t be
     * @param list<LevelView>   $levels
     * @param string            $lookText        what looks under the lid cost
     */
    public function __construct(
        public string $verdict,
        public string $worry,
        public string $remedy,
        public string $remedyText,
        public string $remedyThickness,
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
        public string $serveAt,
        public string $serveFrom,
        public string $serveText,
        public array $levels,
        public string $lookText,
        public ?WholeDayView $wholeDay,
        public array $ways,
    ) {
    }
}
