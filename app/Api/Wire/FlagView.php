<?php

declare(strict_types=1);

namespace Pausis\App\Api\Wire;

/** Something that is wrong with a pot that is on, and what to do about it. */
final readonly class FlagView
{
    /**
     * @param string $do   now, in words
     * @param string $fact that would lift it: boiled, took-out, thawed, turn-high; empty where none does
     */
    public function __construct(public string $rule, public string $severity, public string $text, public string $do, public string $fact)
    {
    }
}
