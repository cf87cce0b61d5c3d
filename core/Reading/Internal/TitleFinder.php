<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Larder\Role;
use Pausis\Core\Reading\IngredientReader;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Reading\Lines\TaggedLine;

/** Picks the line that names the dish. */
final readonly class TitleFinder
{
    /** A line that is less likely the title names nothing. */
    private const LEAST = 0.03;
    private const DISH = '/\b(?:brais\w*|stew\w*|curry|tagine|pot[ -]roast\w*|roast|casserole|slow[ -]?cook\w*|rag[uù]|soup'
        .'|chil[ei]|hot-?pot|ribs|shanks?'
        .'|cheeks?|oxtails?|brisket|adobo|daube|goulash)\b/iu';
    private const MOST_OPENING = 6;
    private const SPEAKS = '/\b(?:today|tonight|it\'?s|this is|here\'?s|making|make)\b.{0,24}?\b(?:my|the|a|an'
        .'|our)\s+(?<dish>[\p{L} ]{4,40}?)(?=\s+(?:and|it|that|which'
        .'|for|so|you|we|i|take|get|recipe|today|tonight|from|serves|feeds)\b|[,.!]|$)/iu';

    private const ANNOUNCES = '/^\W*(?:(?:ok(?:ay)?|so|right|well|um|uh|now|alright|this (?:one )?is|here\'?s|it\'?s'
        .'|we\'?re (?:making|doing))\b[\s,.–-]*)*(?:(?:my|the|a|an|our|some|for)\s+)*'
        .'(?<dish>(?![\p{L} ]{0,20}\b(?:how|what|why)\b)\p{L}[\p{L}’\' ]{5,40}?)'
        .'(?=\s+(?:for (?:the|my|your|an?) (?:slow[ -]?cooker|oven|crock)|for (?:about )?\w+ (?:people|of us)'
        .'|you(?:\'ll)? (?:want|need))\b)/iu';

    public function __construct(private IngredientReader $reader)
    {
    }

    /** @param list<TaggedLine> $lines */
    public function in(array $lines, ?int $another): ?string
    {
        $best = null;
        $most = self::LEAST;
        $begun = $this->begins($lines);
        foreach ($lines as $k => $line) {
            if (null !== $another && $line->line->whole->line >= $another) {
                break;
            }
            $text = $line->line->said->text;
            $words = (int) preg_match_all('/\p{L}{2,}/u', $text);
            if ($words < 1 || $words > 16 || \in_array($line->label, [LineLabel::Ingredient, LineLabel::Step], true)) {
                continue;
            }
            $score = $line->title * ($this->namesFood($text) ? 2.0 : 0.5) * ($k <= $begun ? 1.0 : 0.4)
                * (preg_match('/[.!?]$/u', $text) ? 0.5 : 1.0);
            if ($score > $most * 1.05) {
                [$best, $most] = [$text, $score];
            }
        }

        return $this->announced($lines) ?? (null === $best ? $this->spoken($lines) ?? self::opening($lines) : Title::of($best));
    }

    private function namesFood(string $text): bool
    {
        return preg_match(self::DISH, $text) || Role::Unknown !== $this->reader->read(Title::of($text))->role;
    }

    /** @param list<TaggedLine> $lines */
    private function begins(array $lines): int
    {
        foreach ($lines as $k => $line) {
            if (LineLabel::Ingredient === $line->label) {
                return $k;
            }
        }

        return \count($lines);
    }

    /**
     * "Grandma's goulash – I typed it up": the first line, where the dish stands before the talk.
     *
     * @param list<TaggedLine> $lines
     */
    private static function opening(array $lines): ?string
    {
        $title = [] === $lines ? '' : Title::of($lines[0]->line->said->text);

        return str_word_count($title) <= self::MOST_OPENING && preg_match(self::DISH, $title) ? $title : null;
    }

    /**
     * "ok so turkey thighs in cider for the slow cooker you want two big ones".
     *
     * @param list<TaggedLine> $lines
     */
    private function announced(array $lines): ?string
    {
        foreach (\array_slice($lines, 0, 2) as $line) {
            if (preg_match(self::ANNOUNCES, $line->line->said->text, $m) && $this->namesFood($m['dish'])) {
                return trim($m['dish']);
            }
        }

        return null;
    }

    /**
     * "today it's my red wine beef with mushrooms and it feeds six".
     *
     * @param list<TaggedLine> $lines
     */
    private function spoken(array $lines): ?string
    {
        foreach (\array_slice($lines, 0, 8) as $line) {
            if (preg_match(self::SPEAKS, $line->line->said->text, $m) && $this->namesFood($m['dish'])) {
                return trim($m['dish']);
            }
        }

        return null;
    }
}
