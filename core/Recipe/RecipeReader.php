<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Larder\Role;
use Pausis\Core\Meat\Cuts;
use Pausis\Core\Problem\Problems;
use Pausis\Core\Recipe\Internal\LineKind;
use Pausis\Core\Recipe\Internal\LineSorter;

/** Reads a recipe typed or pasted as text. */
final readonly class RecipeReader
{
    public const MOST_BYTES = 200_000;
    private const MOST_LINES = 2000;
    /** A line this long is prose, whatever it starts with. */
    private const MOST_LINE_BYTES = 4000;

    private IngredientReader $ingredients;
    private StepReader $steps;

    public function __construct(Larder $larder, Cuts $cuts)
    {
        $this->ingredients = new IngredientReader($larder, $cuts);
        $this->steps = new StepReader();
    }

    /** Collects into $problems and answers null where there is nothing to read. */
    public function read(string $text, Problems $problems, string $path = 'text'): ?Reading
    {
        if (\strlen($text) > self::MOST_BYTES) {
            $problems->add('recipe-too-long', $path, ['kilobytes' => \strlen($text) / 1000, 'most' => self::MOST_BYTES / 1000]);

            return null;
        }
        $text = $this->cleaned($text);
        if ('' === trim($text)) {
            $problems->add('recipe-empty', $path);

            return null;
        }
        $reading = $this->sort($text);
        if (!$this->looksLikeRecipe($reading)) {
            $problems->add('no-recipe', $path, ['lines' => substr_count(trim($text), "\n") + 1]);

            return null;
        }

        return $reading;
    }

    private function cleaned(string $text): string
    {
        $text = mb_scrub($text, 'UTF-8');
        $text = str_replace(["\r\n", "\r", "\u{a0}", "\u{202f}", "\u{feff}"], ["\n", "\n", ' ', ' ', ''], $text);

        return (string) preg_replace('/[^\P{C}\n\t]/u', '', $text);
    }

    private function sort(string $text): Reading
    {
        $sorter = new LineSorter($this->ingredients);
        $title = '';
        $serves = null;
        $ingredients = $steps = $unread = [];
        foreach (explode("\n", $text) as $i => $source) {
            $source = trim($source);
            if ('' === $source) {
                continue;
            }
            $line = $i + 1;
            $said = $this->serves($source);
            $serves ??= $said;
            $kind = $i < self::MOST_LINES && \strlen($source) <= self::MOST_LINE_BYTES ? $sorter->kindOf($source) : LineKind::Unread;
            match ($kind) {
                LineKind::Ingredient => $ingredients[] = $this->ingredients->read($source, $line),
                LineKind::Step => array_push($steps, ...$this->sentences($source, $line)),
                LineKind::Title => $title = trim($source, '# '),
                LineKind::Heading => null,
                LineKind::Facts => null === $said ? $unread[] = ['line' => $line, 'source' => $source] : null,
                LineKind::Unread => $unread[] = ['line' => $line, 'source' => $source],
            };
        }

        return new Reading($title, $serves, $ingredients, $steps, $unread, $this->original($steps));
    }

    private function serves(string $line): ?int
    {
        if (preg_match('/\b(?:serves|servings?:?|feeds|for|enough for)\s+(?:about\s+)?(\d{1,2})\b(?!\s*(?:g|kg|ml|min|hour|hr|h|°|cm|-?\d*\s*(?:min|hour)))/iu', $line, $m)) {
            return (int) $m[1] > 0 ? (int) $m[1] : null;
        }

        return null;
    }

    /** @return list<Step> */
    private function sentences(string $source, int $line): array
    {
        $source = (string) preg_replace('/^\s*(?:step\s*)?\d{1,2}[.):]\s+|^\s*[-*•]\s*/iu', '', $source);
        $parts = preg_split('/(?<=[.!?])\s+(?=\p{Lu})/u', $source, 200, \PREG_SPLIT_NO_EMPTY) ?: [$source];

        return array_map(fn (string $sentence): Step => $this->steps->read($sentence, $line), $parts);
    }

    /** @param list<Step> $steps */
    private function original(array $steps): ?OriginalMethod
    {
        $minutes = 0.0;
        $method = $celsius = null;
        foreach ($steps as $step) {
            $celsius ??= $step->celsius;
            if (StepKind::Cook === $step->kind && null !== $step->minutes) {
                $minutes += ($step->minutes['low'] + $step->minutes['high']) / 2;
                $method ??= $step->method;
            }
        }
        if (0.0 === $minutes) {
            return null;
        }

        return new OriginalMethod($method ?? (null === $celsius ? Method::Hob : Method::Oven), $minutes / 60, $celsius);
    }

    private function looksLikeRecipe(Reading $reading): bool
    {
        $known = array_filter($reading->ingredients, static fn (Ingredient $i): bool => Role::Unknown !== $i->role);

        return \count($known) >= 2;
    }
}
