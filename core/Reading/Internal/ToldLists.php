<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\TaggedLine;

/** "You will need, for four: …. For the gremolata: …": a paragraph that tells what goes in is a list, sentence by sentence. */
final readonly class ToldLists
{
    public const NEEDED = '/^\W*you(?:[’\']ll| will)? (?:just )?need\b(?! to\b)[^:.]{0,30}:\s+(?=\S)/iu';
    private const HEADED = '/^\W*for (?:the|your|an?) [^:.]{3,40}:\s+(?=\S)/iu';
    private const SURE = 0.97;

    private function __construct()
    {
    }

    /**
     * @param list<TaggedLine> $lines
     *
     * @return list<TaggedLine>
     */
    public static function asListed(array $lines): array
    {
        $needed = null;
        foreach ($lines as $k => $line) {
            $text = $line->line->said->text;
            $needed = preg_match(self::NEEDED, $text) && substr_count($text, ',') > 1 ? $line->line->whole->line : $needed;
            if ($needed === $line->line->whole->line && (preg_match(self::NEEDED, $text) || preg_match(self::HEADED, $text))) {
                $lines[$k] = new TaggedLine($line->line, LineLabel::Ingredient, self::SURE, $line->title);
            }
        }

        return $lines;
    }
}
