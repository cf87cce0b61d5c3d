<?php

declare(strict_types=1);

namespace Pausis\Core\Following;

use Pausis\Core\Adaptation\Evaluate\Work;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Learning\Narrowing;
use Pausis\Core\Learning\Window;
use Pausis\Core\Safety\Finding;

/** What is now expected of a running cook. */
final readonly class FollowedCook
{
    /**
     * @param array<string, Window>   $windows     by doneness, hours after switching on
     * @param \DateTimeImmutable|null $readySince  when the fork first found the texture wanted
     * @param list<Elsewhere>         $elsewhere   ways to finish it sooner; empty while it is on time
     * @param float                   $lateMinutes by which dinner moves; 0 when on time
     * @param Work                    $work        that the braise takes
     * @param Foreseen                $foreseen    how well it can be said when it will be ready
     * @param list<Finding>           $flags       what is wrong with the pot as it is, and what to do now; the most serious first
     * @param DayPlan                 $day         as the pot has it
     * @param array<string, Window>   $bare        the windows without the looks that are still to come
     * @param DayPlan                 $now         the same, later by what the sauce is overdue
     * @param Narrowing|null          $help        what would narrow the window most now
     * @param float                   $inTime      share of such pots that are ready for dinner as planned
     * @param \DateTimeImmutable|null $onHigh      dinner if the cooker is turned to High now; null where that gains nothing
     */
    public function __construct(
        public array $windows,
        public DayPlan $day,
        public float $lateMinutes,
        public ?\DateTimeImmutable $onHigh,
        public float $lidCostMinutes,
        public array $elsewhere,
        public ?\DateTimeImmutable $readySince,
        public Work $work,
        public Foreseen $foreseen,
        public array $flags,
        public array $bare,
        public DayPlan $now,
        public float $inTime,
        public ?Narrowing $help,
    ) {
    }
}
