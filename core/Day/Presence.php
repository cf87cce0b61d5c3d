<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** When the cook is away, and between which times of day asleep. */
final readonly class Presence
{
    /** Free times are looked for on this grid. */
    private const STEP = 300;

    /**
     * @param list<Interval> $away
     * @param string         $bedtime, $rises HH:MM; equal for a cook who never sleeps
     */
    public function __construct(private array $away, private string $bedtime = '23:00', private string $rises = '06:30')
    {
    }

    /** The same nights, but never away. */
    public function always(): self
    {
        return new self([], $this->bedtime, $this->rises);
    }

    public function isFree(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        return !$this->isAway($from, $to) && !$this->isAsleep($from, $to);
    }

    public function isAway(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        foreach ($this->away as $interval) {
            if ($interval->overlaps($from, $to)) {
                return true;
            }
        }

        return false;
    }

    public function isAsleep(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        if ($this->bedtime === $this->rises) {
            return false;
        }
        for ($day = $from->modify('-1 day midnight'); $day <= $to; $day = $day->modify('+1 day')) {
            $sleeps = $day->modify($this->bedtime);
            $wakes = ($this->rises > $this->bedtime ? $day : $day->modify('+1 day'))->modify($this->rises);
            if ((new Interval($sleeps, $wakes))->overlaps($from, $to)) {
                return true;
            }
        }

        return false;
    }

    /** The first moment from $from on, on a five-minute grid, at which the cook is free for so long; null past $until. */
    public function firstFree(\DateTimeImmutable $from, int $minutes, \DateTimeImmutable $until): ?\DateTimeImmutable
    {
        $t = $from->setTimestamp((int) (ceil($from->getTimestamp() / self::STEP) * self::STEP));
        for (; $t <= $until; $t = $t->setTimestamp($t->getTimestamp() + self::STEP)) {
            if ($this->isFree($t, $t->setTimestamp($t->getTimestamp() + 60 * $minutes))) {
                return $t;
            }
        }

        return null;
    }
}
