<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Reading\Lines\Cutter;
use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\Page;

/** What each line of a recipe is, beside it in lines.tsv: the label, a tab, the line. */
final readonly class Labels
{
    /** @return list<Line> those that are tagged: who speaks is told by rule */
    public static function lines(Recipe $recipe): array
    {
        return array_values(array_filter(
            Cutter::lines(Page::flow($recipe->text)), static fn (Line $l): bool => '@' !== $l->mark,
        ));
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<LineLabel>|null null where the file's lines are no longer those that the text is cut into
     */
    public static function of(Recipe $recipe, array $lines): ?array
    {
        $file = "$recipe->folder/lines.tsv";
        $rows = is_file($file) ? explode("\n", rtrim((string) file_get_contents($file), "\n")) : [];
        $labels = [];
        foreach ($lines as $k => $line) {
            [$label, $text] = [...explode("\t", $rows[$k] ?? '', 2), '', ''];
            if ($text !== self::written($line)) {
                return null;
            }
            $labels[] = LineLabel::from($label);
        }

        return \count($rows) === \count($lines) ? $labels : null;
    }

    /**
     * @param list<Line>      $lines
     * @param list<LineLabel> $labels
     */
    public static function keep(Recipe $recipe, array $lines, array $labels): void
    {
        $rows = array_map(static fn (Line $l, LineLabel $is): string => "$is->value\t".self::written($l), $lines, $labels);
        file_put_contents("$recipe->folder/lines.tsv", implode("\n", $rows)."\n");
    }

    /**
     * What was labelled before, by the lines' own words, for when a text is cut otherwise.
     *
     * @return array<string, list<LineLabel>>
     */
    public static function before(Recipe $recipe): array
    {
        $before = [];
        foreach (is_file("$recipe->folder/lines.tsv") ? file("$recipe->folder/lines.tsv", \FILE_IGNORE_NEW_LINES) ?: [] : [] as $row) {
            [$label, $text] = [...explode("\t", $row, 2), ''];
            $before[$text][] = LineLabel::from($label);
        }

        return $before;
    }

    private static function written(Line $line): string
    {
        return str_replace(["\t", "\n"], ' ', $line->whole->text);
    }
}
