<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

/**
 * 10th, 50th and 90th percentile of a time in hours after switching on, or another last one where asked for; null where not reached within
 * the horizon.
 */
final readonly class Window
{
    public function __construct(public ?float $earliest, public ?float $likely, public ?float $latest)
    {
    }

    /**
     * Share of pots that are there by so many hours, straight between the percentiles; none before the first, and no more than the last.
     */
    public function shareBy(float $hours): float
    {
        [$earliest, $likely, $latest] = [$this->earliest ?? \INF, $this->likely ?? \INF, $this->latest ?? \INF];

        return match (true) {
            $hours < $earliest => 0.0,
            $hours < $likely => 0.1 + 0.4 * ($likely < \INF ? ($hours - $earliest) / ($likely - $earliest) : 0.0),
            $hours < $latest => 0.5 + 0.4 * ($latest < \INF ? ($hours - $likely) / ($latest - $likely) : 0.0),
            default => 0.9,
        };
    }

    /**
     * When the first, the second … of ten such pots is there, straight between the percentiles.
     *
     * @return list<float|null> ten; null for the last, of which no percentile tells, and where not reached within the horizon
     */
    public function ofTen(): array
    {
        $times = [];
        for ($k = 1; $k <= 9; ++$k) {
            $times[] = $k <= 5
                ? self::between($this->earliest, $this->likely, ($k - 1) / 4)
                : self::between($this->likely, $this->latest, ($k - 5) / 4);
        }

        return [...$times, null];
    }

    private static function between(?float $from, ?float $to, float $share): ?float
    {
        return match (true) {
            null === $from || $share <= 0 => $from,
            null === $to => null,
            default => $from + $share * ($to - $from),
        };
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
        );
    }

    /** None of it later than what has been seen. */
    public function noLaterThan(float $hours): self
    {
        return new self(min($this->earliest ?? $hours, $hours), min($this->likely ?? $hours, $hours), min($this->latest ?? $hours, $hours));
    }
}
