<?php

declare(strict_types=1);

namespace Pausis\Training;

/** Writes what bin/train --check measured between its marks in docs/reading.md. */
final readonly class ReadingTable
{
    public static function write(Check $check): void
    {
        $file = \dirname(__DIR__).'/docs/reading.md';
        $rows = array_map(
            static fn (array $r): string => \sprintf('| %d | %d | %.1f %% |', $r['hand'], $r['lines'], 100 * $r['right'] / $r['lines']),
            $check->hands,
        );
        $sure = array_map(
            static fn (array $r): string => \sprintf('| %.2f | %.2f | %d |', $r['said'], $r['right'], $r['lines']), $check->calibration,
        );
        $mistakes = array_map(
            static fn (string $what, int $n): string => "$what $n", array_keys($check->mistakes), $check->mistakes,
        );
        $table = "| hand left out | lines | told right |\n|---|---|---|\n".implode("\n", $rows)
            .\sprintf("\n| all | %d | %.1f %% |\n\n", array_sum(array_column($check->hands, 'lines')), 100 * $check->share())
            ."| said | right | lines |\n|---|---|---|\n".implode("\n", $sure)
            ."\n\nMistakes (is > told): ".implode(', ', \array_slice($mistakes, 0, 12)).".\n";
        $text = (string) file_get_contents($file);
        file_put_contents($file, (string) preg_replace(
            '/(<!-- lines -->\n).*?(<!-- \/lines -->)/su', '$1'.addcslashes($table, '\\$').'$2', $text,
        ));
    }
}
