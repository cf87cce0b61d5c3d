<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Following;

use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Following\FollowCook;
use Pausis\Core\Following\RunningCook;
use Pausis\Core\Learning\ForkAnswer;
use Pausis\Core\Learning\ForkTest;
use Pausis\Core\Quantity\Duration;
use Pausis\Tests\Core\Days;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FollowCookTest extends TestCase
{
    /** Of two answers at the same moment, with the same look's cost: the one nearer to ready makes neither window nor dinner later. */
    #[TestWith([ProgramChoice::Low, 1.3, 0.85, null])]
    #[TestWith([ProgramChoice::Low, 2.0, 1.15, ForkAnswer::Resists])]
    #[TestWith([ProgramChoice::High, 0.9, 1.0, ForkAnswer::Gives])]
    #[TestWith([ProgramChoice::High, 1.6, 1.25, null])]
    public function testAFurtherAnswerMakesNeitherWindowNorDinnerLater(
        ProgramChoice $choice, float $kilograms, float $atEarliest, ?ForkAnswer $before,
    ): void {
        $braise = Days::braise(kilograms: $kilograms, choice: $choice);
        $on = Days::at('08:00');
        $order = $braise->order->handled($braise->order->handling->startedAt($on, true));
        $hour = $atEarliest * (float) $braise->chosen->windows['fork']->earliest;
        $earlier = null === $before ? [] : [new ForkTest(Duration::hours(0.8 * $hour), $before)];
        $last = null;
        foreach (ForkAnswer::cases() as $answer) {
            $cook = new RunningCook($on, $choice, [...$earlier, new ForkTest(Duration::hours($hour), $answer)]);
            $followed = (new FollowCook())->follow($order, $cook, $on->modify(\sprintf('+%d minutes', 60 * $hour + 1)));
            if (null !== $last) {
                [$window, $was] = [$followed->bare['fork'], $last->bare['fork']];
                self::assertLessThanOrEqual(($was->earliest ?? \INF) + 1 / 60, $window->earliest ?? \INF, $answer->value);
                self::assertLessThanOrEqual(($was->likely ?? \INF) + 1 / 60, $window->likely ?? \INF, $answer->value);
                self::assertLessThanOrEqual(($was->latest ?? \INF) + 1 / 60, $window->latest ?? \INF, $answer->value);
                self::assertLessThanOrEqual($last->day->serve, $followed->day->serve, $answer->value);
            }
            $last = $followed;
        }
    }
}
