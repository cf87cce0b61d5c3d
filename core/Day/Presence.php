<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** When somebody is away, at home but busy, and asleep. */
final readonly class Presence
{
    /** What can be done beside something else. */
    public const QUICK_MINUTES = 10;

    /**
     * @param list<Interval>     $away
     * @param string             $bedtime, $rises HH:MM; equal for a cook who never sleeps
     * @param list<Interval>     $busy     at home
     * @param \DateTimeZone|null $zone     of the nights; null takes each time in its own
     */
    public function __construct(
        private array $away = [], private string $bedtime = '23:00', private string $rises = '06:30', private array $busy = [],
        private ?\DateTimeZone $zone = null,
    ) {
    }

    /**
     * The habits of the days from $from to $to, and what is otherwise on them; the later said goes before the earlier.
     *
     * @param list<Habit> $habits
     * @param list<Stay>  $stays
     */
    public static function usual(
        array $habits, array $stays, string $bedtime, string $rises, \DateTimeImmutable $from, \DateTimeImmutable $to,
    ): self {
        $all = [];
        for ($day = $from->modify('-1 day midnight'); $day <= $to; $day = $day->modify('+1 day')) {
            array_push($all, ...array_filter(array_map(static fn (Habit $h): ?Stay => $h->on($day), $habits)));
        }
        $kept = [Whereabouts::Away->value => [], Whereabouts::Busy->value => [], Whereabouts::Home->value => []];
        foreach ([...$all, ...$stays] as $stay) {
            foreach ($kept as $where => $intervals) {
                $kept[$where] = array_merge(...array_map(static fn (Interval $i): array => $i->without($stay->interval), $intervals));
            }
            $kept[$stay->where->value][] = $stay->interval;
        }

        return new self($kept[Whereabouts::Away->value], $bedtime, $rises, $kept[Whereabouts::Busy->value], $from->getTimezone());
    }

    /** The same, but never busy. */
    public function neverBusy(): self
    {
        return new self($this->away, $this->bedtime, $this->rises, [], $this->zone);
    }

    /** The same nights, but never away or busy. */
    public function always(): self
    {
        return new self([], $this->bedtime, $this->rises, [], $this->zone);
    }

    /** Whether a job of that time can be done: there and awake, and if it is longer than a quick one, not busy. */
    public function isFree(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        return !self::anyOverlaps($this->away, $from, $to) && !$this->isAsleep($from, $to)
            && ($to->getTimestamp() - $from->getTimestamp() <= 60 * self::QUICK_MINUTES || !$this->isBusy($from, $to));
    }

    public function isBusy(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        return self::anyOverlaps($this->busy, $from, $to);
    }

    public function isAsleep(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        if ($this->bedtime === $this->rises) {
            return false;
        }
        $from = $this->here($from);
        $time = $from->format('H:i');
        $inBed = $this->bedtime > $this->rises
            ? $time >= $this->bedtime || $time < $this->rises
            : $time >= $this->bedtime && $time < $this->rises;

        return $inBed || ($time < $this->bedtime ? $from : $from->modify('+1 day'))->modify($this->bedtime) < $to;
    }

    /** The first of what keeps them from a job of that time; null where they can do it. */
    public function hindrance(\DateTimeImmutable $from, \DateTimeImmutable $to): ?Hindrance
    {
        $quick = $to->getTimestamp() - $from->getTimestamp() <= 60 * self::QUICK_MINUTES;
        $first = null;
        foreach ([
            [$this->away, Whereabouts::Away], [$this->nights($from, $to), null], [$quick ? [] : $this->busy, Whereabouts::Busy],
        ] as [$intervals, $where]) {
            foreach ($intervals as $interval) {
                if ($interval->overlaps($from, $to) && (null === $first || $interval->from < $first->interval?->from)) {
                    $first = new Hindrance($where, $interval);
                }
            }
        }

        return $first;
    }

    /**
     * Where somebody is in each step of the time; null asleep.
     *
     * @return list<Whereabouts|null>
     */
    public function steps(\DateTimeImmutable $from, int $stepSeconds, int $steps): array
    {
        $row = array_fill(0, $steps, Whereabouts::Home);
        $base = $from->getTimestamp();
        foreach ([
            [$this->busy, Whereabouts::Busy], [$this->away, Whereabouts::Away],
            [$this->nights($from, $from->setTimestamp($base + $stepSeconds * $steps)), null],
        ] as [$intervals, $where]) {
            foreach ($intervals as $interval) {
                $first = max(0, (int) floor(($interval->from->getTimestamp() - $base) / $stepSeconds));
                $last = min($steps, (int) ceil(($interval->to->getTimestamp() - $base) / $stepSeconds));
                for ($k = $first; $k < $last; ++$k) {
                    $row[$k] = $where;
                }
            }
        }

        return array_values($row);
    }

    /** @return list<Interval> from the night before $from to the night after $to */
    private function nights(\DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        $nights = [];
        if ($this->bedtime !== $this->rises) {
            for ($day = $this->here($from)->modify('-1 day midnight'); $day <= $to; $day = $day->modify('+1 day')) {
                $wakes = $this->rises > $this->bedtime ? $day : $day->modify('+1 day');
                $nights[] = new Interval($day->modify($this->bedtime), $wakes->modify($this->rises));
            }
        }

        return $nights;
    }

    private function here(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return null === $this->zone ? $at : $at->setTimezone($this->zone);
    }

    /** @param list<Interval> $intervals */
    private static function anyOverlaps(array $intervals, \DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        foreach ($intervals as $interval) {
            if ($interval->overlaps($from, $to)) {
                return true;
            }
        }

        return false;
    }
}
