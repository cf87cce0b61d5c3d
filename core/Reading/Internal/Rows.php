<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\Lines\Stretch;
use Pausis\Core\Reading\StepReader;
use Pausis\Core\Recipe\MarkKind;

/** Reads the rows of tables: amount, unit and food in whichever order, the first of scaled columns, or a way with its time. */
final class Rows
{
    private const COLUMNS = '/\t|\s*\|\s*| {2,}/';
    private const AMOUNT = '/^\W*(?:[\d½¼¾⅓⅔]|(?:an?|some|pinch|handful|bunch|half|few)\b)/iu';
    private const BARE_NUMBER = '/^[\d½¼¾⅓⅔.,\/ –-]+$/u';
    private const UNIT = '/^(?:k?g|m?l|cl|dl|oz|lbs?|tbsp|tsp|cups?|pts?|cloves?|sprigs?|bunch(?:es)?|tins?|cans?|pinch|handful'
        .'|sticks?|heads?'
        .'|bottles?|packets?|slices?|pcs?|piece|each)\.?$/iu';
    private const COUNTED = '/^(?:pcs?|piece|each)\.?$/iu';
    private const PRICE = '/^[£$€]/u';

    /** @var list<string> */
    private array $names = [];

    public function __construct(private readonly Draft $draft, private readonly StepReader $steps)
    {
    }

    public static function isRow(string $text): bool
    {
        return str_starts_with($text, '|') || substr_count($text, "\t") > 1 || substr_count($text, ' '
            .'| ') > 1 || preg_match('/\S {3,}(?=\S).*?\S {3,}\S/', $text);
    }

    public function heading(Stretch $row): void
    {
        $this->draft->marking->claim($row, MarkKind::Heading);
        $this->names = preg_match('/\p{L}/u', $row->text) ? self::cells($row->text) : $this->names;
    }

    /** A way with its time, told in columns. */
    public function step(Stretch $row): void
    {
        $cells = self::cells($row->text);
        $told = str_contains($row->text, '|')
            ? implode(' | ', array_map($this->underItsName(...), $cells, array_keys($cells)))
            : implode(', ', $cells);
        $this->draft->step($row, $this->steps->read($told, $row->line));
    }

    /** Answers whether it was the row of an ingredient. */
    public function ingredient(Stretch $row): bool
    {
        $amount = $unit = null;
        $words = [];
        foreach (self::cells($row->text) as $cell) {
            if (preg_match(self::UNIT, $cell)) {
                $unit ??= $cell;
            } elseif (preg_match(self::AMOUNT, $cell) && !preg_match('/\p{L}{4,}.*\p{L}{4,}/u', $cell)) {
                $amount ??= rtrim($cell, '.');
            } elseif (!preg_match(self::PRICE, $cell) && preg_match('/\p{L}{2}/u', $cell)) {
                $words[] = $cell;
            }
        }
        if ([] === $words || null === $amount || !$this->draft->hasRoom()) {
            return false;
        }
        if (null !== $unit && preg_match(self::BARE_NUMBER, $amount) && !preg_match(self::COUNTED, $unit)) {
            $amount .= " $unit";
        }
        $reader = $this->draft->reader;
        $known = array_filter($words, static fn (string $w): bool => Role::Unknown !== $reader->read($w)->role);
        $food = reset($known) ?: $words[0];
        $notes = array_values(array_diff($words, [$food]));
        $this->draft->ingredient($row, $reader->read("$amount $food".([] === $notes ? '' : ', '.implode(', ', $notes)), $row->line));
        ++$this->draft->listed;

        return true;
    }

    /** @return list<string> */
    private static function cells(string $row): array
    {
        return array_values(array_filter(
            array_map(trim(...), preg_split(self::COLUMNS, trim($row, '| ')) ?: []), static fn (string $c): bool => '' !== $c,
        ));
    }

    /** "1/2 cup" in the column of the broth is "1/2 cup broth". */
    private function underItsName(string $cell, int $column): string
    {
        $name = $this->names[$column] ?? '';
        $food = '' !== $name && Role::Unknown !== $this->draft->reader->read($name)->role;

        return $food && preg_match('/^\W*(?:[\d½¼¾⅓⅔]|none\b|no\b|half\b)/iu', $cell)
            ? (preg_match('/^\W*(?:none|no)\b/iu', $cell) ? "no $name" : "$cell $name")
            : $cell;
    }
}
