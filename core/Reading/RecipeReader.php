<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Quantity\UnitSystem;
use Pausis\Core\Reading\Internal\Draftsman;
use Pausis\Core\Reading\Lines\Cutter;
use Pausis\Core\Reading\Lines\LineTagger;
use Pausis\Core\Reading\Lines\Page;
use Pausis\Core\Recipe\Reading;

/** Reads a recipe typed, pasted or dictated as text. */
final readonly class RecipeReader
{
    public const MOST_BYTES = 200_000;
    /** Enough to tell a language by. */
    private const LANGUAGE_BYTES = 20_000;
    private const OTHER_LANGUAGES = [
        'und|mit|das|der|den|die|ein|eine|auf|bei|etwa|dann|zugeben|lassen|fleisch|zwiebeln?|salz|pfeffer|minuten|stunden?',
        'et|avec|les|des|dans|une|du|pendant|puis|faire|ajouter|viande|oignons?|sel|poivre|heures?|laisser',
        'y|con|los|las|una|en|durante|luego|hasta|carne|cebollas?|sal|pimienta|horas?|minutos|añadir|del',
        'e|con|il|gli|una|nel|per|poi|fino|carne|cipoll[ae]|sale|pepe|ore|minuti|aggiungere|della?',
    ];
    private const LIST_OR_MENU = '/\b(?:shopping|groceries|to buy|menu|starters?|mains|desserts?|(?:£|€|\$)\s?\d)\b/iu';

    private Misheard $misheard;
    private ActTable $verbs;
    private LineTagger $tagger;

    public function __construct(private Larder $larder, private Cuts $cuts)
    {
        $this->misheard = Misheard::load();
        $this->verbs = ActTable::load();
        $this->tagger = LineTagger::load($larder, $cuts);
    }

    /**
     * Collects into $problems and answers null where there is nothing to read.
     *
     * @param UnitSystem|null $system whose cups and spoons; null for a guess from the text
     */
    public function read(
        string $text, Problems $problems, string $path = 'text', ?UnitSystem $system = null, Vocabulary $vocabulary = new Vocabulary(),
    ): ?Reading {
        if (\strlen($text) > self::MOST_BYTES) {
            $problems->add('recipe-too-long', $path, ['sizeBytes' => \strlen($text), 'mostBytes' => self::MOST_BYTES]);

            return null;
        }
        $text = self::cleaned($text);
        if ('' === trim($text)) {
            $problems->add('recipe-empty', $path);

            return null;
        }
        if (self::isInAnotherLanguage($text)) {
            $problems->add('another-language', $path);

            return null;
        }
        $reader = new IngredientReader($this->larder, $this->cuts, $system ?? UnitSystem::guess($text), $vocabulary, $this->misheard);
        $flow = Page::flow($text);
        $draftsman = new Draftsman($reader, new StepReader($this->misheard), $this->larder, $this->cuts, $this->verbs);
        $reading = $draftsman->read($text, $flow, $this->tagger->tag(Cutter::lines($flow)));
        if (!$reading->looksLikeRecipe() || ([] === $reading->steps && [] === $reading->ways && preg_match(self::LIST_OR_MENU, $text))) {
            $problems->add('no-recipe', $path, ['lines' => substr_count(trim($text), "\n") + 1]);

            return null;
        }

        return $reading;
    }

    /** By the small words that no recipe does without. */
    private static function isInAnotherLanguage(string $text): bool
    {
        $text = mb_strcut($text, 0, self::LANGUAGE_BYTES);
        $others = max(array_map(
            static fn (string $words): int => (int) preg_match_all("/(?<![\\p{L}])(?:$words)(?![\\p{L}])/iu", $text), self::OTHER_LANGUAGES,
        ));

        return $others >= 6 && $others > 2 * (int) preg_match_all(
            '/(?<![\p{L}])(?:the|and|with|for|of|until|then|into|to|is|it|them|add|cook|or)(?![\p{L}])/iu', $text,
        );
    }

    /** In UTF-8, without control characters, every line ended alike. */
    public static function cleaned(string $text): string
    {
        $text = mb_scrub(self::inUtf8($text), 'UTF-8');
        $text = str_replace(
            ["\r\n", "\r", "\u{2028}", "\u{2029}", "\u{85}", "\u{a0}", "\u{202f}", "\u{2009}", "\u{feff}"],
            ["\n", "\n", "\n", "\n", "\n", ' ', ' ', ' ', ''], $text,
        );

        return (string) preg_replace('/[^\P{C}\n\t]/u', '', $text);
    }

    /** Old files come as UTF-16 with a mark, or as Windows-1252, which any bytes can be. */
    private static function inUtf8(string $text): string
    {
        return match (true) {
            str_starts_with($text, "\xff\xfe")
                && 0 === \strlen($text) % 2
                && !mb_check_encoding($text, 'UTF-8') => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($text, "\xfe\xff")
                && 0 === \strlen($text) % 2
                && !mb_check_encoding($text, 'UTF-8') => mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16BE'),
            !mb_check_encoding($text, 'UTF-8') => mb_convert_encoding($text, 'UTF-8', 'Windows-1252'),
            default => $text,
        };
    }
}
