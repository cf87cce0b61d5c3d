<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Schedule;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Cooker\Program;
use Pausis\Core\Day\BackwardPlan;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\ForkTests;
use Pausis\Core\Learning\Window;
use Pausis\Core\Tenderness\Doneness;

/** The braise's own day, from the plate back to the switch. */
final class OwnDay
{
    /**
     * @param int                     $sauceWaits minutes that the sauce stands covered before plating
     * @param \DateTimeImmutable|null $noLater    for the pot to be switched on
     * @param bool                    $looked     whether a start that leaves room for a look is better than a later one
     */
    public static function of(
        BraiseOrder $order, Outcome $outcome, \DateTimeImmutable $serve, int $sauceWaits = 0, ?\DateTimeImmutable $noLater = null,
        bool $looked = true,
    ): DayPlan|Clash {
        return self::planned(
            $order, $outcome->choice->program($order->cooker, $order->handling), $outcome->planned,
            $outcome->windows[Doneness::Past->value],
            new BackwardPlan(
                $order->now, $serve, $order->kitchen->people, new LoadingJobs($order, $outcome->work), $outcome->work->toThePlate(),
                $sauceWaits,
                $noLater,
                self::tests($order, $outcome), $order->handling->lateMinutes, $looked,
            ));
    }

    /** The fork tests that it proposes. */
    public static function tests(BraiseOrder $order, Outcome $outcome): ForkTests
    {
        return new ForkTests(
            $order->kitchen->people, $outcome->heating->test, self::testFrom($order, $outcome->heating->coreSafe),
            soon: self::asksSoon($order, $outcome->choice),
        );
    }

    /** On Low a cooker that nobody knows may be far ahead: the first test is as early as may be. */
    public static function asksSoon(BraiseOrder $order, ProgramChoice $choice): bool
    {
        return ProgramChoice::Low === $choice && $order->spread()->unknown;
    }

    /** A pot that is on is planned from its start; another as the plan or the cook has it. */
    public static function planned(
        BraiseOrder $order, Program $program, Window $ready, Window $past, BackwardPlan $plan,
    ): DayPlan|Clash {
        $on = $order->handling->switchOn;

        return null !== $on && $order->handling->isOn
            ? $plan->follow($on, $program, $ready, $past)
            : $plan->solve($program, $ready, $past, $on);
    }

    /** Hours until a fork test can tell: poultry is hot enough first, in nine pots of ten. */
    public static function testFrom(BraiseOrder $order, Window $coreSafe): float
    {
        return $order->meat->hasPoultry() ? (float) $coreSafe->latest : 0.0;
    }
}
