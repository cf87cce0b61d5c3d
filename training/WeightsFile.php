<?php

declare(strict_types=1);

namespace Pausis\Training;

/** What training leaves behind for the reader: PHP arrays, which a server's opcache holds. */
final readonly class WeightsFile
{
    private const WIDTH = 120;

    /** @param array{labels: list<string>, seen: array<string, array<int, int>>, follows: list<list<int>>, heat: float} $weights */
    public static function of(array $weights): string
    {
        $rows = '';
        foreach ($weights['seen'] as $one => $row) {
            $pairs = array_map(static fn (int $label, int $weight): string => "$label=>$weight", array_keys($row), $row);
            $rows .= self::quoted((string) $one).'=>['.implode(',', $pairs)."],\n";
        }
        $follows = implode(', ', array_map(static fn (array $row): string => '['.implode(', ', $row).']', $weights['follows']));
        $labels = implode(', ', array_map(self::quoted(...), $weights['labels']));
        $heat = var_export($weights['heat'], true);

        return "<?php\n\n// Written by bin/train; docs/reading.md.\nreturn ['labels' => [$labels], 'follows' => [$follows], 'heat'"
            ." => $heat, 'seen' => [\n"
            ."$rows]];\n";
    }

    /** @param list<string> $words */
    public static function ofWords(array $words): string
    {
        $lines = wordwrap(implode(' ', $words), self::WIDTH);

        return "<?php\n\n// Words that recipes say often, by bin/train: a misspelt food is none of them.\nreturn preg_split('/\\s+/', "
            .self::quoted($lines).");\n";
    }

    private static function quoted(string $text): string
    {
        return "'".addcslashes($text, "'\\")."'";
    }
}
