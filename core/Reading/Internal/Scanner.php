<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

/** Walks along a text, one anchored pattern at a time. */
final class Scanner
{
    /** @var array<string, string> each pattern as it matches at a place only; kept, as it is looked up by its text */
    private static array $anchored = [];

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
        return preg_match(self::$anchored[$pattern] ??= $pattern.'A', $this->text, $m, 0, $this->at) ? $m : null;
    }

    /** Whether anything was skipped. */
    public function skip(string $pattern): bool
    {
        return '' !== ($this->take($pattern)[0] ?? '');
    }
}
