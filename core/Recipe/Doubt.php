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
    /** Beans that are not said to be cooked. */
    case RawOrCooked = 'raw-or-cooked';
    /** Its own words say beans that must be boiled; the cook has made something else of it. */
    case WasRawBeans = 'was-raw-beans';
    case Frozen = 'frozen';
    /** What this house has said of such words would hide that it must be boiled first. */
    case NotAsRemembered = 'not-as-remembered';
}
