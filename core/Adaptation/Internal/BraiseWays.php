<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Internal;

use Pausis\Core\Adaptation\BraiseOrder;
use Pausis\Core\Adaptation\ProgramChoice;
use Pausis\Core\Adaptation\SettingOutcome;
use Pausis\Core\Adaptation\WayOut;
use Pausis\Core\Day\Clash;
use Pausis\Core\Day\ClashReason;
use Pausis\Core\Day\DayPlan;
use Pausis\Core\Day\HandsOn;

/** Ways out of a day on which the braise itself can't be done, each of them planned. */
final readonly class BraiseWays
{
    /** Done by then, a braise cools and is in the fridge the evening before it is eaten. */
    private const EVENING_BEFORE = '21:00';
    /** Hours by which a timer may start it later; two is the most that is safe. */
    private const DELAYS = [1.0, 2.0];
    private const MOST_WAYS = 4;

    public function __construct(private PotRun $pots)
    {
    }

    /**
     * @param list<SettingOutcome> $outcomes
     *
     * @return list<WayOut>
     */
    public function out(BraiseOrder $order, SettingOutcome $chosen, array $outcomes): array
    {
        if (!$chosen->day instanceof Clash) {
            return [];
        }
        $ways = [];
        if (null !== $order->handling->switchOn && null === $chosen->unsafe && $chosen->planFor($order->handled($order->handling->startedAt(null)), $order->serveAt) instanceof DayPlan) {
            $ways[] = new WayOut('own-start', '');
        }
        foreach ($outcomes as $other) {
            if ($other->works()) {
                $ways[] = new WayOut('setting', $other->choice->value);
                break;
            }
        }
        foreach ([2, 4] as $parts) {
            $cut = $order->withJoint($order->joint->cutInto($parts));
            if ([] === $ways && $this->pots->couldWork($cut, ProgramChoice::High, $chosen) && $this->pots->outcome($cut, ProgramChoice::High)->works()) {
                $ways[] = new WayOut('cut', (string) $parts);
            }
        }
        array_push($ways, ...$this->otherHandling($order, $chosen, [] === $ways));
        foreach ($outcomes as $outcome) {
            $evening = $order->serveAt->modify('-1 day')->modify(self::EVENING_BEFORE);
            if (null === $outcome->unsafe && $outcome->planFor($order->handled($order->handling->startedAt(null)), $evening) instanceof DayPlan) {
                $ways[] = new WayOut('day-before', $outcome->choice->value);
                break;
            }
        }
        $ways = \array_slice($ways, 0, self::MOST_WAYS - 1);

        return null === $chosen->day->serveFrom ? $ways : [...$ways, new WayOut('serve-from', '')];
    }

    /**
     * Where there is no time to load: what can be done the evening before, or a timer that starts the pot later.
     *
     * @return list<WayOut>
     */
    private function otherHandling(BraiseOrder $order, SettingOutcome $chosen, bool $nothingElse): array
    {
        if (!$chosen->day instanceof Clash || ClashReason::NoTimeToLoad !== $chosen->day->reason) {
            return [];
        }
        $ways = [];
        $evening = $order->handled($order->handling->eveningBefore());
        $before = HandsOn::before($order->potIngredients(), $order->joint, $chosen->sauce, $order->kitchen->pan(), $evening->handling->preparation());
        if (null === $chosen->unsafe && $before->total < $chosen->before->total && $chosen->after($before)->planFor($evening, $order->serveAt) instanceof DayPlan) {
            $ways[] = new WayOut('evening-work', '');
        }
        foreach ([] === $ways && ($nothingElse || null !== $order->choice) && 0.0 === $order->handling->delayHours ? self::DELAYS : [] as $hours) {
            $delayed = $order->handled($order->handling->delayed($hours));
            if ($this->pots->couldWork($delayed, $chosen->choice, $chosen) && $this->pots->outcome($delayed, $chosen->choice)->works()) {
                $ways[] = new WayOut('delay', (string) $hours);
                break;
            }
        }

        return $ways;
    }
}
