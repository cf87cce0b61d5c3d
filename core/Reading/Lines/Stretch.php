<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** A trimmed part of the source and where it begins, in bytes. */
final readonly class Stretch
{
    public function __construct(public string $text, public int $start, public int $line)
    {
    }

    public function end(): int
    {
        return $this->start + \strlen($this->text);
    }

    /** @param int $from bytes into this stretch */
    public function part(int $from, int $length): self
    {
        $text = substr($this->text, $from, $length);
        $trimmed = ltrim($text);

        return new self(rtrim($trimmed), $this->start + $from + \strlen($text) - \strlen($trimmed), $this->line);
    }

    /**
     * The parts between the matches of a pattern, at most so many.
     *
     * @return list<self>
     */
    public function split(string $pattern, int $most): array
    {
        $parts = [];
        foreach (preg_split($pattern, $this->text, $most, \PREG_SPLIT_OFFSET_CAPTURE) ?: [[$this->text, 0]] as [$text, $at]) {
            if ('' !== trim($text)) {
                $parts[] = $this->part($at, \strlen($text));
            }
        }

        return $parts;
    }
}
