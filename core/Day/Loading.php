<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** The work that must be done before a pot can be switched on. */
interface Loading
{
    /** Minutes of it, one piece after the other. */
    public function minutes(): int;

    /** Whether somebody is there for each piece of it between now and then. */
    public function isDoneBy(\DateTimeImmutable $on, People $people, \DateTimeImmutable $now): bool;
}
