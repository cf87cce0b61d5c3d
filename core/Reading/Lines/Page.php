<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** Puts a text into the order in which it is read: columns one after the other, wrapped lines whole, captions as speech. */
final readonly class Page
{
    /** "0:15", "00:00:05,100 --> 00:00:09,000" */
    private const CLOCK = '/^\s*(?:\[|\()?\d{1,2}:\d\d(?::\d\d)?(?:[.,]\d+)?(?:\]|\))?(?:\s*-->\s*[\d:.,]+.*)?\s*$/';
    private const NUMBER = '/^\s*\d{1,4}\s*$/';
    private const LEAST_CLOCKS = 4;
    private const SPOKEN_STOPS = '/[ \t]*\b(new line|new paragraph|full stop|comma|colon|question mark|open bracket|close bracket)\b/iu';
    private const STOPS = [
        'new line' => "\n", 'new paragraph' => "\n\n", 'full stop' => '.', 'comma' => ',', 'colon' => ':', 'question mark' => '?',
        'open bracket' => ' (', 'close bracket' => ')',
    ];
    private const LEAST_STOPS = 3;
    /** Between columns. */
    private const GUTTER = '/\S( {3,})\S/';
    /** An amount alone, as in a table's column. */
    private const CELL = '/^[\d½¼¾⅓⅔l][\d½¼¾⅓⅔.,\/ –-]*(?:[\s-]*\p{L}{1,8}\.?){0,2}(?:\s{2,}.*|\s*\(.*)?$/u';
    private const BARE_AMOUNT = '/^[\d½¼¾⅓⅔l][\d½¼¾⅓⅔.,\/ –-]*\s*(?:k?g|m?l|cl|dl|oz|lbs?|tbsp|tsp|pts?|pc|pcs)?\.?$/iu';
    /** A second column begins so many characters off in one line or another. */
    private const SLACK = 2;
    private const LEAST_COLUMN_LINES = 6;
    private const MOST_LINES = 2000;
    /** A line that was wrapped is as wide as others; narrower ones are lists. */
    private const LEAST_WIDTH = 36;
    private const MOST_WIDTH = 170;
    /** Narrower than this, of so many lines, most are as wide as the widest, or it is a list. */
    private const NARROW = 50;
    private const FEW_LINES = 6;
    private const AS_WIDE = 0.8;
    private const ENDED = '/[.!?:…]["”’)\]]*\s*$/u';
    /** "1 lb Beef chuck; / -tied" */
    private const HUNG = '/^\s*-(?=\p{Ll}|\()/u';
    private const INDENT = '/^\s*(?:-(?=\p{Ll}|\())?/u';
    /** Of whoever speaks next. */
    private const NAME = '/^\s*\p{Lu}[\p{L}-]{1,20}\s*$/u';
    /** Something must follow. */
    private const OPEN = '(?:,|\b(?:the|a|an|of|and|or|in|with|for|to|about|at|until|it|them|by|into|on|from|over|hot|cold))\s*$';
    /** No line ends here, however narrow it is. */
    private const WIDE_OPEN = '/\p{L}.*\s(?:an?|the|of|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?)\s*$/iu';
    private const AMOUNT_FIRST = '/^\s*(?:[\d½¼¾⅓⅔]|an?\s|[-–—*•▢☐□])/iu';

    public static function flow(string $source): Flow
    {
        $mended = Flow::of($source, Repair::pieces($source));

        return self::inOrder($mended->text)->over($mended);
    }

    private static function inOrder(string $source): Flow
    {
        $lines = self::lines($source);
        if (\count($lines) > self::MOST_LINES) {
            return Flow::of($source, [[$source, 0, \strlen($source)]]);
        }
        $clocks = array_filter($lines, static fn (array $l): bool => (bool) preg_match(self::CLOCK, $l[0]));
        if (\count($clocks) >= self::LEAST_CLOCKS && 3 * \count($clocks) >= \count(array_filter($lines, self::hasText(...))) / 2) {
            return self::captions($source, $lines);
        }
        if (preg_match_all(self::SPOKEN_STOPS, $source) >= self::LEAST_STOPS
            && preg_match('/\b(?:full stop|new line|new paragraph)\b/iu', $source)) {
            return self::dictated($source);
        }

        return self::wrapped($source, self::inColumns($lines));
    }

    /** @return list<array{string, int}> each line and the byte at which it begins */
    private static function lines(string $source): array
    {
        $lines = [];
        $at = 0;
        foreach (explode("\n", $source) as $line) {
            $lines[] = [$line, $at];
            $at += \strlen($line) + 1;
        }

        return $lines;
    }

    /** @param array{string, int} $line */
    private static function hasText(array $line): bool
    {
        return '' !== trim($line[0]);
    }

    /** @param list<array{string, int}> $lines */
    private static function captions(string $source, array $lines): Flow
    {
        $pieces = $left = [];
        $ended = true;
        foreach ($lines as $k => [$line, $at]) {
            $counts = preg_match(self::NUMBER, $line) && preg_match(self::CLOCK, $lines[$k + 1][0] ?? '');
            if ($counts || preg_match(self::CLOCK, $line)) {
                $left[] = [$at, $at + \strlen($line)];
                continue;
            }
            if ('' === trim($line)) {
                continue;
            }
            $speaks = preg_match('/^\s*(?:[-–—>]|\[|\p{Lu}[\p{L} ]{0,20}:)/u', $line);
            if ([] !== $pieces) {
                $pieces[] = [$ended || $speaks ? "\n" : ' ', $at, $at];
            }
            $pieces[] = [$line, $at, $at + \strlen($line)];
            $ended = (bool) preg_match(self::ENDED, $line) || preg_match('/\]\s*$/', $line);
        }

        return Flow::of($source, $pieces, $left);
    }

    private static function dictated(string $source): Flow
    {
        $pieces = [];
        $at = 0;
        preg_match_all(self::SPOKEN_STOPS, $source, $all, \PREG_OFFSET_CAPTURE | \PREG_SET_ORDER);
        foreach ($all as $m) {
            $pieces[] = [substr($source, $at, $m[0][1] - $at), $at, $m[0][1]];
            $at = $m[0][1] + \strlen($m[0][0]);
            $pieces[] = [self::STOPS[mb_strtolower($m[1][0])], $m[0][1], $at];
        }
        $pieces[] = [substr($source, $at), $at, \strlen($source)];

        return Flow::of($source, $pieces);
    }

    /**
     * Lines in reading order; those that stand side by side one column after the other.
     *
     * @param list<array{string, int}> $lines
     *
     * @return list<array{string, int}>
     */
    private static function inColumns(array $lines): array
    {
        $ordered = [];
        for ($k = 0, $most = \count($lines); $k < $most;) {
            [$ends, $column] = self::block($lines, $k);
            if (null === $column) {
                $ordered[] = $lines[$k++];
                continue;
            }
            $right = [];
            for (; $k < $ends; ++$k) {
                [$line, $at] = $lines[$k];
                $cut = min(\strlen($line), self::byteAt($line, self::secondAt($line, $column) ?? $column));
                $ordered[] = [rtrim(substr($line, 0, $cut)), $at];
                $right[] = [substr($line, $cut), $at + $cut];
            }
            array_push($ordered, ['', $lines[$ends - 1][1] + \strlen($lines[$ends - 1][0])], ...$right);
        }

        return $ordered;
    }

    /**
     * How far, from a line on, two columns stand side by side, and at which character the second begins; null for none.
     *
     * @param list<array{string, int}> $lines
     *
     * @return array{int, int|null}
     */
    private static function block(array $lines, int $from): array
    {
        if (!preg_match(self::GUTTER, $lines[$from][0], $m, \PREG_OFFSET_CAPTURE)) {
            return [$from, null];
        }
        $column = mb_strlen(substr($lines[$from][0], 0, $m[1][1] + \strlen($m[1][0])));
        $both = $amounts = 0;
        $ends = $from;
        for ($k = $from; $k < \count($lines); ++$k) {
            $line = $lines[$k][0];
            if ('' === trim($line) || mb_strlen(rtrim($line)) < $column - self::SLACK) {
                continue;
            }
            $begins = self::secondAt($line, $column);
            if (null === $begins) {
                break;
            }
            $left = trim(mb_substr($line, 0, $begins));
            $right = trim(mb_substr($line, $begins));
            $both += '' !== $left ? 1 : 0;
            $amounts += '' !== $left && (preg_match(self::BARE_AMOUNT, $left)
                || (preg_match(self::CELL, $right) && !preg_match('/^[\d½¼¾]/u', $left))) ? 1 : 0;
            $ends = $k + 1;
        }
        // What stands beside amounts is a table's row.
        $isTable = 2 * $amounts > $both;

        return [$ends, $both >= self::LEAST_COLUMN_LINES && !$isTable ? $column : null];
    }

    /** The character at which a line's second column begins, near where others' does; null where it has none. */
    private static function secondAt(string $line, int $column): ?int
    {
        for ($by = 0; $by <= self::SLACK; ++$by) {
            foreach ([$column + $by, $column - $by] as $at) {
                if ('' !== trim(mb_substr($line, $at, 1)) && '' === trim(mb_substr($line, $at - 2, 2))) {
                    return $at;
                }
            }
        }

        return null;
    }

    private static function byteAt(string $line, int $character): int
    {
        return \strlen(mb_substr($line, 0, $character));
    }

    /**
     * @param list<array{string, int}> $lines
     */
    private static function wrapped(string $source, array $lines): Flow
    {
        $pieces = [];
        $widest = self::widest($lines);
        foreach ($lines as $k => [$line, $at]) {
            if ($k > 0) {
                $ends = $lines[$k - 1][1] + \strlen($lines[$k - 1][0]);
                $last = '' === trim($lines[$k + 1][0] ?? '') || preg_match(self::ENDED, $line);
                $joined = self::goesOn($lines[$k - 1][0], $line, $widest[$k - 1], $last);
                $hung = $joined && preg_match(self::INDENT, $line, $m) ? \strlen($m[0]) : 0;
                $split = $joined && preg_match('/\p{Ll}-\s*$/u', $lines[$k - 1][0]) && preg_match('/^\s*\p{Ll}/u', $line);
                if ($split) {
                    $cut = array_pop($pieces);
                    $pieces[] = [(string) preg_replace('/-\s*$/', '', $cut[0] ?? ''), $cut[1] ?? 0, $ends];
                    $line = ltrim($line);
                } else {
                    // Columns stand in another order than the source: what parts them is no byte of it.
                    $pieces[] = [$joined ? ' ' : "\n", min($ends, $at), max(min($ends, $at), $at <= $ends + 1 ? $at : min($ends, $at))];
                }
                if ($hung > 0) {
                    $line = substr($line, $hung);
                    $at += $hung;
                }
            }
            $pieces[] = [$line, $lines[$k][1] + \strlen($lines[$k][0]) - \strlen($line), $lines[$k][1] + \strlen($lines[$k][0])];
        }

        return Flow::of($source, $pieces);
    }

    /**
     * The widest line of each one's paragraph.
     *
     * @param list<array{string, int}> $lines
     *
     * @return list<int>
     */
    private static function widest(array $lines): array
    {
        $widths = $widest = [];
        foreach ($lines as $k => [$line]) {
            if ('' !== trim($line)) {
                $widths[$k] = mb_strlen(rtrim($line));
            }
            $widest[$k] = 0;
            if ('' === trim($line) || $k === \count($lines) - 1) {
                $most = max([0, ...$widths]);
                $wide = \count(array_filter($widths, static fn (int $w): bool => $w >= self::AS_WIDE * $most));
                $isList = $most < self::NARROW && \count($widths) >= self::FEW_LINES && 2 * $wide < \count($widths);
                foreach (array_keys($widths) as $w) {
                    $widest[$w] = $isList ? 0 : $most;
                }
                $widths = [];
            }
        }

        return array_values($widest);
    }

    /**
     * Whether a line was broken where no more fitted, and goes on in the next.
     *
     * @param bool $last whether a sentence or a paragraph ends with the next, which may then be short
     */
    private static function goesOn(string $line, string $next, int $widest, bool $last): bool
    {
        if ('' === trim($line) || '' === trim($next) || preg_match(self::NAME, $next)) {
            return false;
        }
        if (preg_match(self::HUNG, $next) && (preg_match('/[;,:]\s*$/', $line) || preg_match('/^ {6}/', $next))) {
            return true;
        }
        if (preg_match('/^\S.*'.self::OPEN.'/iu', $line) && preg_match('/^ {1,4}\S.*\S {3,}\d/', $next)) {
            return true;
        }
        if (preg_match(self::WIDE_OPEN, $line) && preg_match('/^\s*\p{Ll}{2}/u', $next)) {
            return true;
        }
        $width = mb_strlen(rtrim($line));
        $word = (string) strtok(trim($next), " \t");
        if ($widest < self::LEAST_WIDTH || $widest > self::MOST_WIDTH || $width + mb_strlen($word) + 1 < 0.86 * $widest) {
            return false;
        }
        $small = preg_match('/^\s*["“(]?\p{Ll}{2}/u', $next) || preg_match('/^\s*a\s\p{Ll}/u', $next);
        if (preg_match(self::ENDED, $line) || (!$last && mb_strlen(rtrim($next)) < 0.6 * $widest)) {
            return false;
        }
        if (preg_match('/\S {3,}\S/', $line) || preg_match('/\S {3,}\S/', $next)) {
            return false;
        }
        $open = preg_match('/'.self::OPEN.'/iu', $line);

        return match (true) {
            (bool) preg_match(self::AMOUNT_FIRST, $line) => $small && $open,
            $small => true,
            default => $open && str_word_count($line) > 6 && !preg_match('/^\s*[-–—*•▢☐□#|>]/u', $next),
        };
    }
}
