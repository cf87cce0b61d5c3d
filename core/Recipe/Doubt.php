<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** Why a reading is less than sure. */
enum Doubt: string
{
    case UnknownFood = 'unknown-food';
    case NoCut = 'no-cut';
    case NoAmount = 'no-amount';
    case WideRange = 'wide-range';
    case Misheard = 'misheard';
    /** The size of a tin, bunch or bottle is the usual one. */
    case UsualSize = 'usual-size';
    /** Worked out from another line. */
    case FromAnotherLine = 'from-another-line';
    /** Counted with the line that it is a part of. */
    case CountedBefore = 'counted-before';
    /** The first of several that the recipe leaves to choose from. */
    case OneOfSeveral = 'one-of-several';
    /** Found in the instructions. */
    case FromTheMethod = 'from-the-method';
    case NotAFood = 'not-a-food';
}
