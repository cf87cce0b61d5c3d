<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

use Pausis\Core\Learning\Belief;
use Pausis\Core\Learning\Knowledge;

/** Asks many houses how what was said of their cooks held. */
final readonly class Survey
{
    private const COOKS = 5;
    /** A dinner is late from here on, hours. */
    private const LATE = 1 / 6;
    /** Hours from switching on within which the core has to be at 60 °C: four from the fridge, half of one before. */
    private const SAFE_HOURS = 3.5;

    /** @param int $seed of the first house; each has the next */
    public function __construct(private int $houses, private int $seed)
    {
    }

    /**
     * Of windows, dinners and safety, over five cooks of each house.
     *
     * @return array<string, Share>
     */
    public function windows(bool $low, bool $broken): array
    {
        $shares = [];
        $count = static function (string $of, bool $hit) use (&$shares): void {
            ($shares[$of] ??= new Share())->count($hit);
        };
        $this->each(static function (int $seed, Dish $dish) use ($low, $broken, $count): void {
            $nature = new Nature($seed, $broken);
            $house = new House($nature);
            for ($cook = 0; $cook < self::COOKS; ++$cook) {
                self::judge($house->cook($dish, $low), $count);
            }
            $heat = $house->belief->mean(Knowledge::heatOf('pot')) - log($nature->heatOf('pot'));
            $count('heat further off than 1.28 σ', abs($heat) > 1.28 * $house->belief->sigma(Knowledge::heatOf('pot')));
            [$need, $sigma] = self::needOf($house->belief, $dish);
            $count('need further off than 1.28 σ', abs($need - log($nature->needOf($dish))) > 1.28 * $sigma);
        });

        return $shares;
    }

    /** @param \Closure(string, bool): void $count */
    private static function judge(Cook $cook, \Closure $count): void
    {
        $count('inside before evidence', $cook->isInside());
        foreach (\array_slice($cook->windows, 0, 2) as $answers => $window) {
            $count(0 === $answers ? 'inside after a first "not ready"' : 'inside after a second', Cook::holds($window, $cook->ready));
        }
        $count('in time, of nine in ten', $cook->ready <= $cook->dinner);
        $count('at 60 °C by the time told', $cook->reached <= ($cook->core60->latest ?? \INF));
        if ($cook->reached <= self::SAFE_HOURS) {
            $count('allowed, of what is safe', ($cook->core60->latest ?? \INF) <= self::SAFE_HOURS);
        }
        if (null !== $cook->moved) {
            $count('"dinner moves" not needed', $cook->ready <= $cook->dinner);
        }
        if ($cook->ready > $cook->dinner + self::LATE && !$cook->wasFoundReadyBy($cook->dinner)) {
            $count('said before, of late dinners', null !== $cook->moved);
        }
        $count('past its best at dinner', $cook->past < $cook->dinner);
    }

    /** How far off the household's need of a cut is after five cooks, of how far off nothing learned would be. */
    public function need(?bool $low, bool $probed = false): float
    {
        $off = $unlearned = 0.0;
        $this->each(static function (int $seed, Dish $dish) use ($low, $probed, &$off, &$unlearned): void {
            $nature = new Nature($seed);
            $house = new House($nature);
            for ($cook = 0; $cook < self::COOKS; ++$cook) {
                $house->cook($dish, $isLow = $low ?? 0 === $cook % 2, probedAt: $probed ? ($isLow ? 4.0 : 2.0) : null);
            }
            $off += abs(self::needOf($house->belief, $dish)[0] - log($nature->needOf($dish)));
            $unlearned += abs(log($nature->needOf($dish)));
        });

        return $off / $unlearned;
    }

    /** A cooker whose heat changes after four cooks: the window of the seventh, when it has had two such cooks. */
    public function changed(bool $low, float $heat): Share
    {
        $inside = new Share();
        $this->each(static function (int $seed, Dish $dish) use ($low, $heat, $inside): void {
            $house = new House(new Nature($seed));
            for ($cook = 1; $cook <= 6; ++$cook) {
                $house->cook($dish, $low, changed: $cook > 4 ? $heat : 1.0);
            }
            $inside->count($house->cook($dish, $low, changed: $heat)->isInside());
        });

        return $inside;
    }

    /** Houses that are asked whether something has changed, of those where nothing has. */
    public function askedInVain(bool $low): Share
    {
        $asked = new Share();
        $this->each(static function (int $seed, Dish $dish) use ($low, $asked): void {
            $house = new House(new Nature($seed));
            $was = false;
            for ($cook = 0; $cook < 8; ++$cook) {
                $house->cook($dish, $low);
                $was = $was || Knowledge::hasChanged($house->belief, 'pot');
            }
            $asked->count($was);
        });

        return $asked;
    }

    /** The first window of a second pot, where the first is known. */
    public function secondPot(bool $low): Share
    {
        $inside = new Share();
        $this->each(static function (int $seed, Dish $dish) use ($low, $inside): void {
            $house = new House(new Nature($seed));
            for ($cook = 0; $cook < self::COOKS; ++$cook) {
                $house->cook($dish, $low, 'one');
            }
            $inside->count($house->cook($dish, $low, 'two')->isInside());
        });

        return $inside;
    }

    /** After a "slides in" that the next answer takes back. */
    public function corrected(bool $low): Share
    {
        $inside = new Share();
        $this->each(static function (int $seed, Dish $dish) use ($low, $inside): void {
            $cook = (new House(new Nature($seed)))->cook($dish, $low, answers: ['slides-in', 'resists']);
            if (isset($cook->windows[1]) && $cook->ready > $cook->lastOf(2)) {
                $inside->count(Cook::holds($cook->windows[1], $cook->ready));
            }
        });

        return $inside;
    }

    /** @return array{Share, float} inside, and the median width in hours, with one reading in the liquid or without */
    public function probed(bool $low, bool $probed): array
    {
        $inside = new Share();
        $widths = [];
        $this->each(static function (int $seed, Dish $dish) use ($low, $probed, $inside, &$widths): void {
            $cook = (new House(new Nature($seed)))->cook($dish, $low, probedAt: $probed ? ($low ? 4.0 : 2.0) : null);
            $inside->count($cook->isInside());
            $widths[] = ($cook->first->latest ?? House::HORIZON) - ($cook->first->earliest ?? 0.0);
        });
        sort($widths);

        return [$inside, $widths[intdiv(\count($widths), 2)] ?? \NAN];
    }

    /** @param callable(int, Dish): void $ask */
    private function each(callable $ask): void
    {
        $dishes = Dish::all();
        for ($k = 0; $k < $this->houses; ++$k) {
            $ask($this->seed + $k, $dishes[$k % \count($dishes)]);
        }
    }

    /** @return array{float, float} mean and standard deviation of the logarithm of the household's part of a cut's need */
    private static function needOf(Belief $belief, Dish $dish): array
    {
        $factors = [Knowledge::FORK, Knowledge::needOf($dish->cut)];

        return [array_sum(array_map($belief->mean(...), $factors)), sqrt($belief->of([$factors], [0.0])->rows[0][0])];
    }
}
