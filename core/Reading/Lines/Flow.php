<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/**
 * A recipe's text as it is read: without what a page's columns, wrapped lines, captions' clocks and dictated stops put between words.
 * Every piece of it knows the bytes of the source that it stands for.
 */
final readonly class Flow
{
    /**
     * @param string                          $text   as it is read
     * @param list<array{int, int, int, int}> $pieces bytes from and to here, and in the source; equal lengths are the same bytes
     * @param list<array{int, int}>           $left   bytes of the source that stand for nothing
     * @param list<int>                       $lines  the byte of the source at which each of its lines begins
     */
    private function __construct(public string $text, private array $pieces, public array $left, private array $lines)
    {
    }

    /**
     * @param list<array{string, int, int}> $pieces text, and the bytes of the source that it stands for, in reading order
     * @param list<array{int, int}>         $left
     */
    public static function of(string $source, array $pieces, array $left = []): self
    {
        $text = '';
        $placed = [];
        foreach ($pieces as [$piece, $from, $to]) {
            $placed[] = [\strlen($text), \strlen($text) + \strlen($piece), $from, $to];
            $text .= $piece;
        }
        $lines = [0];
        for ($at = strpos($source, "\n"); false !== $at; $at = strpos($source, "\n", $at + 1)) {
            $lines[] = $at + 1;
        }

        return new self($text, $placed, $left, $lines);
    }

    /** The same text, of the source that the one it was made from stands for. */
    public function over(self $first): self
    {
        $pieces = [];
        foreach ($this->pieces as [$from, $to, $begins, $ends]) {
            if ($to - $from !== $ends - $begins || $from === $to) {
                $ranges = $first->sourceOf($begins, $ends);
                $pieces[] = [$from, $to, $ranges[0][0] ?? 0, [] === $ranges ? 0 : $ranges[\count($ranges) - 1][1]];
                continue;
            }
            foreach ($first->pieces as [$f, $t, $b, $e]) {
                $low = max($f, $begins);
                $high = min($t, $ends);
                if ($low < $high) {
                    $same = $t - $f === $e - $b;
                    $pieces[] = [
                        $from + $low - $begins, $from + $high - $begins, $same ? $b + $low - $f : $b, $same ? $b + $high - $f : $e,
                    ];
                }
            }
        }
        $left = [];
        foreach ($this->left as [$begins, $ends]) {
            array_push($left, ...$first->sourceOf($begins, $ends));
        }

        return new self($this->text, $pieces, $left, $first->lines);
    }

    /**
     * The bytes of the source that a stretch of the text stands for.
     *
     * @return list<array{int, int}>
     */
    public function sourceOf(int $from, int $to): array
    {
        $ranges = [];
        for ($k = $this->pieceAt($from), $most = \count($this->pieces); $k < $most && $this->pieces[$k][0] < $to; ++$k) {
            [$begins, $ends, $source, $sourceEnds] = $this->pieces[$k];
            $same = $ends - $begins === $sourceEnds - $source;
            $range = $same
                ? [$source + max(0, $from - $begins), $sourceEnds - max(0, $ends - $to)]
                : [$source, $sourceEnds];
            $last = \count($ranges) - 1;
            if ($last >= 0 && $ranges[$last][1] === $range[0]) {
                $ranges[$last][1] = $range[1];
            } elseif ($range[0] < $range[1]) {
                $ranges[] = $range;
            }
        }

        return $ranges;
    }

    /** The line of the source, from 1, on which a byte of the text stands. */
    public function lineAt(int $byte): int
    {
        [$begins, $ends, $source, $sourceEnds] = $this->pieces[$this->pieceAt($byte)] ?? [0, 0, 0, 0];
        $at = $ends - $begins === $sourceEnds - $source ? $source + $byte - $begins : $source;
        for ($low = 0, $high = \count($this->lines); $high - $low > 1;) {
            $middle = ($low + $high) >> 1;
            $this->lines[$middle] <= $at ? $low = $middle : $high = $middle;
        }

        return $low + 1;
    }

    private function pieceAt(int $byte): int
    {
        for ($low = 0, $high = \count($this->pieces); $high - $low > 1;) {
            $middle = ($low + $high) >> 1;
            $this->pieces[$middle][0] <= $byte ? $low = $middle : $high = $middle;
        }

        return $low;
    }
}
