<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\TaggedLine;

/** Notes on foods that read like a list of their own, "Pork shoulder – also called butt.", where the list has each with its amount. */
final readonly class SpokenOfAgain
{
    private const REMARK = '/^\W*(?<food>\p{L}[\p{L} ]{2,40}?)\s+[–—-]\s+\p{L}/u';
    private const MEASURED = '/^\W*(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s)/iu';

    private function __construct()
    {
    }

    /**
     * @param list<TaggedLine> $lines
     *
     * @return list<TaggedLine> with notes for what is no list
     */
    public static function asNotes(array $lines): array
    {
        $listed = ' ';
        foreach ($lines as $line) {
            $text = $line->line->said->text;
            $listed .= LineLabel::Ingredient === $line->label && preg_match(self::MEASURED, $text) ? Larder::normal($text).' ; ' : '';
        }
        $notes = [];
        foreach ($lines as $line) {
            $text = $line->line->said->text;
            if (LineLabel::Ingredient === $line->label && !preg_match(self::MEASURED, $text) && preg_match(self::REMARK, $text, $m)
                && str_contains($listed, ' '.Larder::normal($m['food']).' ')) {
                $notes[$line->line->whole->line] = true;
            }
        }

        return array_map(
            static fn (TaggedLine $l): TaggedLine => isset($notes[$l->line->whole->line]) && LineLabel::Ingredient === $l->label
                ? new TaggedLine($l->line, LineLabel::Note, $l->sure, $l->title) : $l,
            $lines,
        );
    }
}
