<?php

declare(strict_types=1);

namespace Pausis\App\Console;

/** JSON for people: indented, lists of numbers on one line. */
final class Json
{
    public static function pretty(mixed $value): string
    {
        $text = json_encode(
            $value,
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
        );

        return (string) preg_replace_callback(
            '/\[[\s\d.,eE+-]*(?:null[\s\d.,eE+-]*)*\]/',
            static fn (array $m): string => (string) preg_replace(['/\s+/', '/\[ /', '/ \]/'], [' ', '[', ']'], $m[0]), $text,
        );
    }
}
