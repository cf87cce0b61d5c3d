<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

/** Text that others wrote, as one line of a Markdown file in which it begins nothing. */
final class Markdown
{
    public static function line(string $text): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', $text));

        return (string) preg_replace('/^(?=[#>*+=|~`-]|\d+[.)]\s)/u', '\\', $line);
    }
}
