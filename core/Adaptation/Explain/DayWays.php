<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\Change\OtherSides;
use Pausis\Core\Adaptation\Change\RunOn;
use Pausis\Core\Adaptation\Change\ServeAt;
use Pausis\Core\Adaptation\Change\WithoutOwnStart;
use Pausis\Core\Adaptation\Schedule\DayCase;
use Pausis\Core\Adaptation\Schedule\Planner;
use Pausis\Core\Day\Kitchen;
use Pausis\Core\Day\Side;
use Pausis\Core\Day\Sides;

/** What stands in the way of a day, and what makes it possible; each way is planned before it is named. */
final readonly class DayWays
{
    private const MOST_LATER_MINUTES = 90;
    private const LATER_STEP = 15;
    private const MOST_WAYS = 5;
    private const MOST_HELPERS = 3;
    private const MORE_RINGS = 4;
    private const MORE_OVENS = 2;
    private const EASY_SIDE = 'warm-loaf';

    /** @param int $steps of each search: enough to see whether a changed day can be done */
    public function __construct(private Sides $sides, private int $steps = Planner::QUICK_STEPS)
    {
    }

    /**
     * The wishes without any of which it would work, one by one left out as long as it stays impossible.
     *
     * @return list<string> braise where its own work can't be done, side:ID, own-start, busy, away, hands, rings, oven, stove
     */
    public function clashing(DayCase $case): array
    {
        $kept = $case;
        foreach ($case->sides as $side) {
            $without = $kept->with(self::without($kept->sides, $side));
            if (!$without->isPossible($this->steps)) {
                $kept = $without;
            }
        }
        $wishes = [] === $kept->sides ? ['braise'] : array_map(static fn (Side $s): string => "side:$s->id", $kept->sides);
        $people = $case->kitchen()->people;
        if (true === $kept->withoutOwnStart()?->isPossible($this->steps)) {
            $wishes[] = 'own-start';
        }
        if ($kept->in($case->kitchen()->with($people->neverBusy()))->isPossible($this->steps)) {
            $wishes[] = 'busy';
        } elseif ($kept->in($case->kitchen()->with($people->always()))->isPossible($this->steps)) {
            $wishes[] = 'away';
        }
        if ($kept->in($this->helped($case->kitchen(), self::MOST_HELPERS))->isPossible($this->steps)) {
            $wishes[] = 'hands';

            return $wishes;
        }
        foreach ([
            'rings' => [self::MORE_RINGS, 0], 'oven' => [0, self::MORE_OVENS], 'stove' => [self::MORE_RINGS, self::MORE_OVENS],
        ] as $wish => $more) {
            if ($kept->in($case->kitchen()->andMore(...$more))->isPossible($this->steps)) {
                return [...$wishes, $wish];
            }
        }

        return $wishes;
    }

    /** @return list<WayOut> */
    public function out(DayCase $case): array
    {
        $ways = true === $case->withoutOwnStart()?->isPossible($this->steps) ? [new WayOut('own-start', [new WithoutOwnStart()])] : [];
        foreach ($case->braise->outcomes as $outcome) {
            if ($outcome->choice !== $case->braise->chosen->choice
                && true === $case->running($outcome->choice)?->isPossible($this->steps)) {
                $ways[] = new WayOut('other-setting', [new RunOn($outcome->choice)], null, ['setting' => $outcome->choice->value]);
                break;
            }
        }
        for ($more = 1; $more <= self::MOST_HELPERS; ++$more) {
            if ($case->in($this->helped($case->kitchen(), $more))->isPossible($this->steps)) {
                $ways[] = new WayOut('more-hands', [], null, ['count' => $more]);
                break;
            }
        }
        for ($minutes = self::LATER_STEP; $minutes <= self::MOST_LATER_MINUTES; $minutes += self::LATER_STEP) {
            $later = $case->day->serve->modify("+$minutes minutes");
            if (true === $case->serving($later)?->isPossible($this->steps)) {
                $ways[] = new WayOut('serve-later', [new ServeAt($later)], $later);
                break;
            }
        }
        $easy = $this->sides->find(self::EASY_SIDE);
        $bySide = [];
        $served = array_map(static fn (Side $s): string => $s->id, $case->sides);
        foreach ($case->sides as $side) {
            $others = self::without($case->sides, $side);
            if (null !== $easy
                && !\in_array(self::EASY_SIDE, $served, true)
                && $case->with([...$others, $easy])->isPossible($this->steps)) {
                $bySide[] = new WayOut('instead-side', [new OtherSides([$side->id], [self::EASY_SIDE])], null, ['side' => $side->name]);
            } elseif ($case->with($others)->isPossible($this->steps)) {
                $bySide[] = new WayOut('without-side', [new OtherSides([$side->id])], null, ['side' => $side->name]);
            }
        }

        return \array_slice(
            array_values(array_filter([...$ways, ...([] === $bySide ? [$this->withoutSome($case)] : $bySide)])), 0, self::MOST_WAYS,
        );
    }

    /** Each side kept that still goes with those before it. */
    private function withoutSome(DayCase $case): ?WayOut
    {
        $kept = $case->with([]);
        $out = [];
        foreach ($case->sides as $side) {
            $more = $kept->with([...$kept->sides, $side]);
            $fits = $more->isPossible($this->steps);
            $kept = $fits ? $more : $kept;
            array_push($out, ...($fits ? [] : [$side]));
        }

        return \count($out) === \count($case->sides) && !$kept->isPossible($this->steps)
            ? null
            : new WayOut(
                'without-sides', [new OtherSides(array_map(static fn (Side $s): string => $s->id, $out))], null,
                ['side' => implode(', ', array_map(static fn (Side $s): string => $s->name, $out))],
            );
    }

    private function helped(Kitchen $kitchen, int $helpers): Kitchen
    {
        return $kitchen->with($kitchen->people->andHelpers($helpers));
    }

    /**
     * @param list<Side> $sides
     *
     * @return list<Side>
     */
    private static function without(array $sides, Side $side): array
    {
        return array_values(array_filter($sides, static fn (Side $s): bool => $s !== $side));
    }
}
