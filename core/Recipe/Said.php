<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

/** How a recipe says a thing: only what it says to be done is work. */
enum Said: string
{
    case Asserted = 'asserted';
    /** Done only in a case: "if the sauce is thin, boil it down". */
    case Condition = 'condition';
    /** Another way of doing it, or one that can be done without: "or leave it overnight", "you can skip this". */
    case Alternative = 'alternative';
    /** Said not to be done. */
    case Negated = 'negated';
    /** What somebody does, or what is so. */
    case Aside = 'aside';

    /** Whether the cook may still choose it. */
    public function isChoice(): bool
    {
        return self::Condition === $this || self::Alternative === $this;
    }
}
