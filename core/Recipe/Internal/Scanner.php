<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe\Internal;

/** Walks along a text, one anchored pattern at a time. */
final class Scanner
{
    public function __construct(private readonly string $text, public int $at = 0)
    {
    }

    /** @return array<string>|null what matched here, and the place moved behind it */
    public function take(string $pattern): ?array
    {
        $m = $this->peek($pattern);
        if (null !== $m) {
            $this->at += \strlen($m[0]);
        }

        return $m;
    }

    /** @return array<string>|null what matches here */
    public function peek(string $pattern): ?array
    {
        return preg_match($pattern.'A', $this->text, $m, 0, $this->at) ? $m : null;
    }

    /** Whether anything was skipped. */
    public function skip(string $pattern): bool
    {
        return '' !== ($this->take($pattern)[0] ?? '');
    }
}
