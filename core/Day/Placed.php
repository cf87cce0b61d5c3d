<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** A job and its time, and whose hands it takes. */
final readonly class Placed
{
    public function __construct(
        public Job $job, public \DateTimeImmutable $from, public \DateTimeImmutable $to, public ?Person $person = null,
    ) {
    }
}
