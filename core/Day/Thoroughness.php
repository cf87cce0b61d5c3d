<?php

declare(strict_types=1);

namespace Pausis\Core\Day;

/** What is looked for. */
enum Thoroughness
{
    /** Whether there is a plan at all: the first that is found. */
    case Any;
    /** The plan in which least waits. */
    case Best;
}
