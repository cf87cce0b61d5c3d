<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Recipe\Amount;

/** An amount and where it stands in its text: bytes from start to before end. */
final readonly class FoundAmount
{
    public function __construct(public Amount $amount, public int $start, public int $end)
    {
    }

    public function leads(): bool
    {
        return 0 === $this->start;
    }

    public function in(string $text): string
    {
        return trim(substr($text, $this->start, $this->end - $this->start));
    }

    /** The text with the amount taken out. */
    public function without(string $text): string
    {
        $before = substr($text, 0, $this->start);
        $after = substr($text, $this->end);

        return trim('' === trim($before) ? $after : rtrim($before, " \t,–-:(").' '.ltrim($after, " \t,)"));
    }
}
