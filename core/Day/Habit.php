<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** Where somebody is on the same days of every week. */
final readonly class Habit
{
    /**
     * @param list<int> $days ISO: Monday 1 to Sunday 7
     * @param string    $from HH:MM
     * @param string    $to   HH:MM, on the next day where it is not after $from
     */
    public function __construct(public array $days, public string $from, public string $to, public Whereabouts $where = Whereabouts::Away)
    {
    }

    /** On the day of $day; null on other days of the week. */
    public function on(\DateTimeImmutable $day): ?Stay
    {
        if (!\in_array((int) $day->format('N'), $this->days, true)) {
            return null;
        }
        $end = $this->to > $this->from ? $day : $day->modify('+1 day');

        return new Stay(new Interval($day->modify($this->from), $end->modify($this->to)), $this->where);
    }
}
