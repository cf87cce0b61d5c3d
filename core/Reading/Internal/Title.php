<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

/** A recipe's name, without what pages, cards and mails put around it. */
final readonly class Title
{
    private const BEFORE = '/^(?:\W*(?:title|recipe(?:\s+(?:card|name))?|name|subject|topic|re|fwd?|aw)\s*[:\t]\s*)+/iu';
    private const PATH = '/^.*[»›→]\s*/u';
    private const NUMBER = '/^\s*(?:no\.?\s*)?\d{1,4}\s*[.:]?\s*[—–-]\s*/iu';
    /** "Grandma's goulash – I typed it up" */
    private const TALK = '/\s+[–—-]\s+(?=(?:I|we|my|this|here|sorry|as promised|from my)\b).*$/su';
    private const BEHIND = '/\s{3,}.*$|\t.*$|(?<=\p{Ll}{2})\.\s+(?:source|from|by|serves|adapted)\b.*$'
        .'|\s*[(,–—-]\s*(?:serves|for|feeds|makes|enough for)\s+(?:\d|two|three|four|five|six|eight)[^()]*\)?\s*$/iu';
    private const SPOKEN = '/^\W*(?:ok(?:ay)?|right|so|well)[,\s]+(?<title>(?:\p{L}+\s){1,4}\p{L}+?)\s+for\s+(?:tomorrow|tonight'
        .'|dinner|supper|lunch|\p{L}+day)\b/iu';

    public static function of(string $line): string
    {
        if (preg_match(self::SPOKEN, $line, $m)) {
            return $m['title'];
        }
        $title = preg_replace([self::BEFORE, self::PATH, self::NUMBER, self::BEHIND, self::TALK], '', trim($line, "# *_\t"));

        return trim((string) $title, " #*_\t.:|\"“”");
    }
}
