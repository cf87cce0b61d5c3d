<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** The adapted braise. */
final readonly class Adaptation
{
    /**
     * @param string            $serveAt    ISO 8601
     * @param list<OutcomeView> $outcomes
     * @param list<LedgerView>  $ledger
     * @param list<TaskView>    $day
     * @param list<FindingView> $findings
     * @param string            $serveText  when dinner was taken to be
     * @param bool              $wantsWay   whether the day can’t be as it is wished: what would work is asked for by itself
     * @param list<LevelView>   $levels
     * @param string            $lookText   what looks under the lid cost
     * @param list<MethodLine>  $method     the adapted recipe
     * @param WayView|null      $anotherDay cooked the day before and warmed through for dinner, or eaten from the pot again
     * @param string            $eatenText  when a braise that is chilled is eaten; empty where it is eaten from the pot
     */
    public function __construct(
        public string $verdict,
        public string $worry,
        public string $worryRule,
        public ?WayView $goOn,
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
        public string $serveText,
        public array $levels,
        public string $lookText,
        public ?WholeDayView $wholeDay,
        public bool $wantsWay,
        public RibbonView $ribbon,
        public array $method,
        public ?FollowedView $followed,
        public ?WayView $anotherDay,
        public string $eatenText,
    ) {
    }
}
