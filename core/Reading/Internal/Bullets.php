<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\TaggedLine;

/** Lines under one kind of mark, behind a list without it, are the method together: "– Prunes in for last 45'." */
final readonly class Bullets
{
    private const A_LIST = 3;
    private const A_METHOD = 4;
    /** Of lines that are told to be steps, at least this share. */
    private const SOME = 0.25;
    private const MEASURED = '/^\W*(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s)/iu';
    private const SURE = 0.97;

    private function __construct()
    {
    }

    /**
     * @param list<TaggedLine> $lines
     *
     * @return list<TaggedLine>
     */
    public static function asOneMethod(array $lines): array
    {
        $listed = 0;
        foreach ($lines as $from => $line) {
            if ('-' !== $line->line->mark) {
                $listed += LineLabel::Ingredient === $line->label ? 1 : 0;
                continue;
            }
            if ('-' === ($lines[$from - 1]->line->mark ?? '')) {
                continue;
            }
            $run = self::run($lines, $from);
            foreach ($listed >= self::A_LIST && self::tellsWhatToDo($run) ? array_keys($run) : [] as $k) {
                $one = $lines[$k];
                $lines[$k] = \in_array($one->label, [LineLabel::Title, LineLabel::Heading], true)
                    || ($one->sure >= self::SURE && LineLabel::Ingredient !== $one->label)
                    ? $one : new TaggedLine($one->line, LineLabel::Step, $one->sure, $one->title);
            }
        }

        return array_values($lines);
    }

    /**
     * @param list<TaggedLine> $lines
     *
     * @return array<int, TaggedLine> by place
     */
    private static function run(array $lines, int $from): array
    {
        $run = [];
        for ($k = $from; isset($lines[$k]) && '-' === $lines[$k]->line->mark; ++$k) {
            $run[$k] = $lines[$k];
        }

        return $run;
    }

    /** @param array<int, TaggedLine> $run */
    private static function tellsWhatToDo(array $run): bool
    {
        $steps = array_filter($run, static fn (TaggedLine $l): bool => LineLabel::Step === $l->label);
        $measured = array_filter($run, static fn (TaggedLine $l): bool => 1 === preg_match(self::MEASURED, $l->line->said->text));

        return \count($run) >= self::A_METHOD && [] === $measured && \count($steps) >= self::SOME * \count($run);
    }
}
