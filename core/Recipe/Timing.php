<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** When in a braise something is done. */
enum Timing: string
{
    case EveningBefore = 'evening-before';
    case Before = 'before';
    /** While the pot is on: so long after it was switched on, or before its end. */
    case AfterStart = 'after-start';
    case BeforeEnd = 'before-end';
    case End = 'end';
}
