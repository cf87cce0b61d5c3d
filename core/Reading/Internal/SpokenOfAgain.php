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
    /** "1 ham hock – or a gammon joint" */
    private const OR_ELSE = '/^\W*(?:[\d½¼¾]+ )?(?<food>\p{L}[\p{L} ]{2,40}?)\s+[–—-]\s+or\b/iu';
    private const MEASURED = '/^\W*(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s)/iu';

    private const A_METHOD = 3;

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
            if (LineLabel::Ingredient === $line->label && self::isRemark($text, $listed)) {
                $notes[$line->line->whole->line] = true;
            }
        }

        return self::withoutLinks(array_map(
            static fn (TaggedLine $l): TaggedLine => isset($notes[$l->line->whole->line]) && LineLabel::Ingredient === $l->label
                ? new TaggedLine($l->line, LineLabel::Note, $l->sure, $l->title) : $l,
            $lines,
        ));
    }

    /**
     * "Matzo balls, 2 ways" among a page's links behind the method is no food of the list.
     *
     * @param list<TaggedLine> $lines
     *
     * @return list<TaggedLine>
     */
    private static function withoutLinks(array $lines): array
    {
        $steps = 0;
        foreach ($lines as $k => $line) {
            $steps += LineLabel::Step === $line->label ? 1 : 0;
            $alone = LineLabel::Around === ($lines[$k - 1]->label ?? null)
                && LineLabel::Around === ($lines[$k + 1]->label ?? LineLabel::Around);
            if (LineLabel::Ingredient === $line->label && $alone && $steps >= self::A_METHOD
                && !preg_match(self::MEASURED, $line->line->said->text)) {
                $lines[$k] = new TaggedLine($line->line, LineLabel::Around, $line->sure, $line->title);
            }
        }

        return $lines;
    }

    /** @param string $listed the measured lines, each within blanks */
    private static function isRemark(string $text, string $listed): bool
    {
        if (preg_match(self::OR_ELSE, $text, $m)) {
            return substr_count($listed, ' '.Larder::normal($m['food']).' ') > (preg_match(self::MEASURED, $text) ? 1 : 0);
        }

        return !preg_match(self::MEASURED, $text) && preg_match(self::REMARK, $text, $m)
            && str_contains($listed, ' '.Larder::normal($m['food']).' ');
    }
}
