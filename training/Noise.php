<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\Stretch;

/** What scanners, thumbs and dictation do to a text; seeded, so that training is repeatable. */
final class Noise
{
    private const SCANNED = ['/m(?!\w*\d)/' => 'rn', '/\b1(?=\s|\d)/' => 'l', '/(?<=\d)0/' => 'O', '/\bI/' => 'l'];
    private const SPOKEN = ['1' => 'one', '2' => 'two', '3' => 'three', '4' => 'four', '5' => 'five', '6' => 'six', '8' => 'eigh'
        .'t', '½' => 'half a'];

    public function __construct(private int $seed)
    {
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    public function on(array $lines): array
    {
        $kind = $this->below(4);

        return array_map(fn (Line $line): Line => new Line(
            $line->whole, new Stretch($this->disturbed($line->said->text, $kind), $line->said->start, $line->said->line),
            3 === $kind ? '' : $line->mark, $line->place, $line->of, $line->voice, $line->opens, $line->closes,
            3 === $kind ? 0 : $line->indented,
        ), $lines);
    }

    private function disturbed(string $text, int $kind): string
    {
        return match ($kind) {
            0 => (string) preg_replace(array_keys(self::SCANNED), array_values(self::SCANNED), $text),
            1 => $this->typed($text),
            2 => strtr(mb_strtolower((string) preg_replace('/[.,;:()!]+(?=\s|$)/u', '', $text)), self::SPOKEN),
            default => mb_strtoupper($text),
        };
    }

    /** With letters left out, doubled or changed about. */
    private function typed(string $text): string
    {
        return mb_strtolower((string) preg_replace_callback('/\p{L}{4,}/u', function (array $m): string {
            $word = $m[0];
            $at = 1 + $this->below(max(1, mb_strlen($word) - 2));

            return match ($this->below(6)) {
                0 => mb_substr($word, 0, $at).mb_substr($word, $at + 1),
                1 => mb_substr($word, 0, $at).mb_substr($word, $at, 1).mb_substr($word, $at),
                2 => mb_substr($word, 0, $at).mb_substr($word, $at + 1, 1).mb_substr($word, $at, 1).mb_substr($word, $at + 2),
                default => $word,
            };
        }, $text));
    }

    private function below(int $most): int
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) % 2_147_483_648;

        return ($this->seed >> 8) % $most;
    }
}
