<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** A stretch of time, start included, end not. */
final readonly class Interval
{
    public function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $to)
    {
    }

    public function overlaps(\DateTimeImmutable $from, \DateTimeImmutable $to): bool
    {
        return $this->from < $to && $from < $this->to;
    }

    /** @return list<self> what is left of it */
    public function without(self $other): array
    {
        if (!$this->overlaps($other->from, $other->to)) {
            return [$this];
        }
        $left = [];
        if ($this->from < $other->from) {
            $left[] = new self($this->from, $other->from);
        }
        if ($other->to < $this->to) {
            $left[] = new self($other->to, $this->to);
        }

        return $left;
    }
}
