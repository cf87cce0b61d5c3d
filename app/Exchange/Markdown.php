<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

/** Text that others wrote, as one line of a Markdown file in which it begins nothing: no block, no HTML, no link. */
final class Markdown
{
    public static function line(string $text): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', $text));

        $escaped = (string) preg_replace('/[<&\[\]]/', '\\\\$0', $line);

        return (string) preg_replace('/^(?=[#>*+=|~`-]|\d+[.)]\s)/u', '\\', $escaped);
    }
}
