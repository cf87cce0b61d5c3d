<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * 10th, 50th and 90th percentile of a time in hours after switching on, or another last one where asked for; null where not reached within
 * the horizon.
 */
final readonly class Window
{
    /** The shares that $twentieths are the times of. */
    public const TWENTIETHS = [
        0.05, 0.10, 0.15, 0.20, 0.25, 0.30, 0.35, 0.40, 0.45, 0.50, 0.55, 0.60, 0.65, 0.70, 0.75, 0.80, 0.85, 0.90, 0.95,
    ];

    /**
     * @param list<float|null> $twentieths all that is known of the distribution, one for each of TWENTIETHS; none where only the three
     *                                     percentiles are
     */
    public function __construct(
        public ?float $earliest, public ?float $likely, public ?float $latest, private array $twentieths = [],
    ) {
    }

    /** Share of pots that are there by so many hours, straight between what is known of them. */
    public function shareBy(float $hours): float
    {
        $points = $this->points();
        $before = null;
        foreach ($points as [$share, $at]) {
            if ($hours < $at) {
                return null === $before || \INF === $at
                    ? $before[0] ?? 0.0
                    : $before[0] + ($share - $before[0]) * ($hours - $before[1]) / ($at - $before[1]);
            }
            $before = [$share, $at];
        }

        return $before[0] ?? 0.0;
    }

    /**
     * When the first, the second … of ten such pots is there.
     *
     * @return list<float|null> ten; null for the last, of which no percentile tells, and where not reached within the horizon
     */
    public function ofTen(): array
    {
        $times = [];
        for ($k = 1; $k <= 9; ++$k) {
            $times[] = match (true) {
                [] !== $this->twentieths => $this->twentieths[2 * $k - 1],
                $k <= 5 => self::between($this->earliest, $this->likely, ($k - 1) / 4),
                default => self::between($this->likely, $this->latest, ($k - 5) / 4),
            };
        }

        return [...$times, null];
    }

    /** @param callable(float): float $changed each time */
    public function map(callable $changed): self
    {
        $at = static fn (?float $hours): ?float => null === $hours ? null : $changed($hours);

        return new self($at($this->earliest), $at($this->likely), $at($this->latest), array_map($at, $this->twentieths));
    }

    /** Of several that must all be there, each percentile of the last: later than that of all together, never sooner. */
    public static function last(self $first, self ...$more): self
    {
        return array_reduce($more, static fn (self $a, self $b): self => $a->noEarlierThan($b), $first);
    }

    /** None of it sooner than the other. */
    public function noEarlierThan(self $other): self
    {
        $later = static fn (?float $a, ?float $b): ?float => null === $a || null === $b ? null : max($a, $b);

        return new self(
            $later($this->earliest, $other->earliest), $later($this->likely, $other->likely), $later($this->latest, $other->latest),
            [] === $this->twentieths || [] === $other->twentieths ? [] : array_map($later, $this->twentieths, $other->twentieths),
        );
    }

    /** None of it later than what has been seen. */
    public function noLaterThan(float $hours): self
    {
        return new self(
            min($this->earliest ?? $hours, $hours), min($this->likely ?? $hours, $hours), min($this->latest ?? $hours, $hours),
            array_map(static fn (?float $at): float => min($at ?? $hours, $hours), $this->twentieths),
        );
    }

    /** @return list<array{float, float}> share, and hours at which it is there; INF where it isn't within the horizon */
    private function points(): array
    {
        if ([] === $this->twentieths) {
            return [[0.1, $this->earliest ?? \INF], [0.5, $this->likely ?? \INF], [0.9, $this->latest ?? \INF]];
        }
        $points = array_map(static fn (float $share, ?float $at): array => [$share, $at ?? \INF], self::TWENTIETHS, $this->twentieths);
        [$first, $second] = $points;

        // As far before the first as the second is after it.
        return is_finite($second[1]) ? [[0.0, 2 * $first[1] - $second[1]], ...$points] : $points;
    }

    private static function between(?float $from, ?float $to, float $share): ?float
    {
        return match (true) {
            null === $from || $share <= 0 => $from,
            null === $to => null,
            default => $from + $share * ($to - $from),
        };
    }
}
