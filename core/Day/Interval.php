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
}
