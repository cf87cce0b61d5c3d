<?php

declare(strict_types=1);

namespace Pausis\Training;

use Pausis\Core\Reading\Lines\Line;
use Pausis\Core\Reading\Lines\LineLabel;
use Pausis\Core\Recipe\StepKind;

/** First labels of a recipe's lines, from where its truth says that foods, acts and noise stand. They are looked through by hand. */
final readonly class Aligning
{
    /** "LOW 9–10 hours  HIGH 5–6 hours" */
    private const HOURS = '/^(?=.{0,90}$)\W*(?:(?:cook(?:ing)?|times?|settings?|for)\W+)*(?:low|high|auto|medium)\b\W{0,5}\d[^.]*'
        .'\b(?:hours?|hrs?|h)\b/iu';
    private const FACTS = '/\b(?:serves?|servings?|makes|yields?|portions?|feeds?|prep|cook time|total time|sufficient for'
        .'|enough for|source'
        .'|difficulty)\b|^\W*for\s+\w+\W*$/iu';
    private const FURNITURE = '/https?:|www\.|»|★|©|\bcookies?\b|subscribe|newsletter|jump to|print|\bpin\b|comments?\W*$'
        .'|^reply\W*$|nutrition'
        .'|\bkcal|calories|sign (?:in|up)|log in|privacy|share|\[music\]|page \d|menu|search|leave a/iu';
    private const HEADING = '/^\W*(?:#+|(?:the |what )?(?:ingredients?(?: you(?:\'ll|’ll) need)?|you need|you(?:\'ll|’ll)? need'
        .'|you will need|we need|you do|you need to do|how|how to|how it goes|preparation|shopping list|next day|day before'
        .'|the night before|in the morning|tonight|later|pork|pot|equipment|cook\'s notes?|[\w\']+ notes?|faq|tips? & swaps'
        .'|top tips|service|method|directions?|instructions?|notes?|tips?|you(?:\'ll)? need|for the .{2,30}'
        .'|to (?:serve|finish)|what to do|steps?|marinade|sauce|dumplings?|slaw|gremolata))\W*$|^[^.,\d]{2,40}:\W*$/iu';
    private const NOTE = '/^\W*(?:slow[ -]?cooker|crock|oven|pressure|instant|storage|make ahead|to freeze|notes?|tips?|variation'
        .'|leftovers)\b.*[:.]/iu';

    /**
     * @param list<Line> $lines
     *
     * @return list<LineLabel>
     */
    public static function labels(Recipe $recipe, array $lines): array
    {
        /**
         * @var array{title?: list<string>, ingredients?: list<array{source?: string, food: list<string>}>,
         *     steps?: list<array{anchor?: string}>, noise?: list<string>} $truth
         */
        $truth = $recipe->truth;
        $norm = array_map(static fn (Line $l): string => self::normal($l->said->text), $lines);
        $sources = array_values(array_filter(array_map(
            static fn (array $i): string => self::normal($i['source'] ?? ''), $truth['ingredients'] ?? [],
        )));
        $anchors = array_values(array_filter(array_map(
            static fn (array $s): string => self::normal($s['anchor'] ?? ''), $truth['steps'] ?? [],
        )));
        $noise = array_values(array_filter(array_map(self::normal(...), $truth['noise'] ?? [])));
        $titles = array_map(self::normal(...), $truth['title'] ?? []);
        $isSource = self::sourceLines($sources, $norm);
        $anchored = array_keys(array_filter($norm, static fn (string $t): bool => self::any($anchors, $t)));
        $first = $anchored[0] ?? \PHP_INT_MAX;
        $last = end($anchored) ?: -1;
        $listed = array_keys($isSource);
        $begins = min([...$listed, $first]);
        $labels = [];
        $section = '';
        $titled = false;
        foreach ($lines as $k => $line) {
            $text = $norm[$k];
            $said = $line->said->text;
            $words = substr_count($text, ' ') + 1;
            $section = match (true) {
                $words > 8 => $section,
                (bool) preg_match('/^\W*(?:\d+ )?(?:comments?|reviews?|responses?|ratings|replies|related|you (?:might|may)|more '
                    .'|did you make|most |leave a|nutrition|newsletter|what readers|reader|tried this|\d+ thoughts)/iu', $said),
                (bool) preg_match('/\b(?:comments?|responses?|thoughts on)\b/iu', $said) && $k > $last => 'around',
                (bool) preg_match('/^\W*(?:\w+\'?s? )?(?:top )?(?:notes?|tips?|hints?|variations?|storage|freez|swaps?'
                    .'|faqs?)\b/iu', $said) && $k >= $last => 'note',
                default => $section,
            };
            $named = array_filter(
                $titles, static fn (string $t): bool => str_contains($text, $t) && \strlen($text) < 1.6 * \strlen($t) + 12,
            );
            $title = !$titled && $k < $begins && [] !== $named;
            $label = match (true) {
                '' === $text => LineLabel::Around,
                (bool) preg_match('/^\W*step\s*\d+(?:\s*(?:\/|of)\s*\d+)?\W*$/iu', $said) => LineLabel::Heading,
                (bool) preg_match('/^\|[\s|:-]+$/', $said) => LineLabel::Around,
                (bool) preg_match('/^\|[^\d½]+\|$/u', $said) && (bool) preg_match('/\b(?:ingredient|amount|what|how|pot|date'
                    .'|item)\b/iu', $said) => LineLabel::Heading,
                (bool) preg_match('/^\W*(?:title|tags|source|servings?|yield|prep|cook|total|time|ready in|hands[- ]on(?: time)?'
                    .'|difficulty|cook(?:ing)? time|prep(?:aration)? time|total time|categories|folder|created|rating|url|course'
                    .'|active)\W{1,3}\s*\S/iu', $said) && $k < $begins && $words < 14 => LineLabel::Facts,
                \in_array($k, $anchored, true) => LineLabel::Step,
                (bool) preg_match(self::HOURS, $said) => LineLabel::Facts,
                $title || \in_array($text, $titles, true) => LineLabel::Title,
                self::any($noise, $text) && !isset($isSource[$k]) => 'note' === $section ? LineLabel::Note : LineLabel::Around,
                isset($isSource[$k]) => $words > 7 && StepKind::instructs($said) && !preg_match('/^\W*[\d½¼¾]/u', $said)
                    ? LineLabel::Step
                    : LineLabel::Ingredient,
                (bool) preg_match(self::HEADING, $said), str_starts_with($line->mark, '#') => LineLabel::Heading,
                (bool) preg_match(self::FURNITURE, $text) && !(bool) preg_match('/^\d/', $text) => LineLabel::Around,
                (bool) preg_match(self::FACTS, $said) && $words < 16 && $k < max($first, $begins) => LineLabel::Facts,
                (bool) preg_match('/^\W*(?:serves?|makes|feeds|enough for|sufficient for'
                    .'|yield)\b/iu', $said) && $words < 8 => LineLabel::Facts,
                $k < $begins => LineLabel::Around,
                (bool) preg_match(self::NOTE, $said) && $k > $first => LineLabel::Note,
                $k >= $first && $k < $last => LineLabel::Step,
                $k > $last && 'around' === $section => LineLabel::Around,
                $k > $last => LineLabel::Note,
                $k > max([-1, ...$listed]) && StepKind::opens($said) => LineLabel::Step,
                default => LineLabel::Around,
            };
            $titled = $titled || LineLabel::Title === $label;
            if (LineLabel::Heading === $label && $k > $last && 'around' === $section) {
                $label = LineLabel::Around;
            }
            $labels[] = $label;
        }

        return $labels;
    }

    /**
     * The lines in which the list's foods stand: for each, that which says little else.
     *
     * @param list<string> $sources
     * @param list<string> $lines
     *
     * @return array<int, true>
     */
    private static function sourceLines(array $sources, array $lines): array
    {
        $of = [];
        foreach ($sources as $source) {
            $best = null;
            $most = 0.0;
            foreach ($lines as $k => $text) {
                $share = match (true) {
                    '' === $text => 0.0,
                    str_contains(" $text ", " $source ") => \strlen($source) / \strlen($text),
                    str_contains($text, $source) => 0.9 * \strlen($source) / \strlen($text),
                    \strlen($text) > 5 && str_contains($source, $text) => 0.8 * \strlen($text) / \strlen($source),
                    default => 0.0,
                };
                if ($share > $most) {
                    [$best, $most] = [$k, $share];
                }
            }
            if (null !== $best) {
                $of[$best] = true;
                foreach ($lines as $k => $text) {
                    if (\strlen($text) > 5 && abs($k - $best) < 3 && str_contains($source, $text)) {
                        $of[$k] = true;
                    }
                }
            }
        }
        ksort($of);

        return $of;
    }

    /** @param list<string> $some */
    private static function any(array $some, string $text): bool
    {
        foreach ($some as $one) {
            if (str_contains(" $text ", " $one ") || str_contains($text, $one)) {
                return true;
            }
        }

        return false;
    }

    private static function normal(string $text): string
    {
        $text = mb_strtolower(str_replace(['’', '‘', 'º'], ['\'', '\'', '°'], $text));

        return trim((string) preg_replace('/[^\p{L}\p{N}½¼¾⅓⅔°\']+/u', ' ', $text));
    }
}
