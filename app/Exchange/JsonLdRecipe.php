<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

/** schema.org Recipe data, to the plain text that the reader reads. */
final readonly class JsonLdRecipe
{
    private const MOST_NODES = 2000;
    private const LONGEST_MINUTES = 30 * 1440;

    /** The first recipe within, wherever it is nested; null where there is none. */
    public function text(mixed $data): ?string
    {
        $recipe = $this->find($data);
        if (null === $recipe) {
            return null;
        }
        $lines = ['# '.$this->plain($recipe['name'] ?? ''), ''];
        $yield = $this->first($recipe['recipeYield'] ?? $recipe['yield'] ?? null);
        if ('' !== $yield) {
            $lines[] = preg_match('/^\d+$/', $yield) ? "Serves $yield" : "Servings: $yield";
        }
        foreach (['prepTime' => 'Prep time', 'cookTime' => 'Cook time', 'totalTime' => 'Total time'] as $key => $word) {
            $time = $this->duration($this->first($recipe[$key] ?? null));
            if ('' !== $time && ('totalTime' !== $key || !isset($recipe['cookTime']))) {
                $lines[] = "$word: $time";
            }
        }
        array_push(
            $lines, '', '## Ingredients', '',
            ...array_map(
                static fn (string $one): string => "- $one", $this->list($recipe['recipeIngredient'] ?? $recipe['ingredients'] ?? []),
            ),
        );
        array_push($lines, '', '## Method', '', ...$this->instructions($recipe['recipeInstructions'] ?? []));

        return implode("\n", $lines)."\n";
    }

    /** @return array<string, mixed>|null */
    private function find(mixed $data): ?array
    {
        $queue = [$data];
        for ($seen = 0; [] !== $queue && $seen < self::MOST_NODES; ++$seen) {
            $node = array_shift($queue);
            if (!\is_array($node)) {
                continue;
            }
            if (\in_array(
                'Recipe',
                array_map(
                    static fn (mixed $t): string => \is_string($t) ? (string) preg_replace('/^.*[\/:#]/', '', $t) : '',
                    (array) ($node['@type'] ?? []),
                ),
                true,
            )
                || isset($node['recipeIngredient'])) {
                /** @var array<string, mixed> $node */
                return $node;
            }
            array_push($queue, ...array_values(array_filter($node, 'is_array')));
        }

        return null;
    }

    /** @return list<string> */
    private function list(mixed $value): array
    {
        $values = \is_string($value) ? preg_split('/\R/', $this->lines($value)) : (array) $value;
        $texts = array_map(
            fn (mixed $one): string => $this->plain(\is_array($one) ? $this->inWords($one) : $one),
            array_values($values ?: []),
        );

        return array_values(array_filter($texts, static fn (string $one): bool => '' !== $one));
    }

    /**
     * What an ingredient that is kept in fields says: its own words, or amount, unit, food and note.
     *
     * @param array<array-key, mixed> $one
     */
    private function inWords(array $one): string
    {
        foreach (['originalText', 'display', 'text', 'raw'] as $key) {
            if (\is_string($one[$key] ?? null) && '' !== trim($one[$key])) {
                return $one[$key];
            }
        }
        $said = fn (string ...$keys): string => implode('', \array_slice(array_filter(array_map(
            fn (string $k): string => $this->plain(\is_array($one[$k] ?? null) ? ($one[$k]['name'] ?? '') : ($one[$k] ?? '')), $keys,
        )), 0, 1));
        $note = $said('note', 'notes', 'preparation', 'comment');

        return trim(implode(' ', array_filter([
            $said('quantity', 'amount', 'value'), $said('unit', 'unitText'), $said('food', 'name', 'ingredient'),
        ]))).('' === $note ? '' : ", $note");
    }

    /** @return list<string> steps as numbered lines, sections as headings */
    private function instructions(mixed $value, int $depth = 0): array
    {
        if (\is_string($value)) {
            return array_values(array_filter(
                array_map(trim(...), explode("\n", $this->lines($value))), static fn (string $one): bool => '' !== $one,
            ));
        }
        $lines = [];
        $steps = 0;
        foreach (\is_array($value) ? (array_is_list($value) ? $value : [$value]) : [] as $one) {
            if (\is_array($one) && isset($one['itemListElement']) && $depth < 4) {
                $name = $this->plain($one['name'] ?? '');
                array_push(
                    $lines, ...('' === $name ? [] : ['', rtrim($name, ':').':', '']),
                    ...$this->instructions($one['itemListElement'], $depth + 1),
                );
            } elseif (\is_array($one)) {
                $lines[] = ++$steps.'. '.$this->plain($one['text'] ?? $one['name'] ?? $one['description'] ?? '');
            } elseif (\is_string($one)) {
                array_push($lines, ...$this->instructions($one, $depth + 1));
            }
        }

        return $lines;
    }

    private function first(mixed $value): string
    {
        return $this->plain(\is_array($value) ? reset($value) : $value);
    }

    /** One line without markup. */
    private function plain(mixed $value): string
    {
        return \is_scalar($value) ? trim((string) preg_replace('/\s+/u', ' ', $this->lines((string) $value))) : '';
    }

    private function lines(string $value): string
    {
        $broken = (string) preg_replace('/<br\s*\/?>|<\/(?:p|li|div|h\d)>/i', "\n", $value);

        return html_entity_decode(strip_tags($broken), \ENT_QUOTES | \ENT_HTML5, 'UTF-8');
    }

    /** "PT3H30M" as "3 h 30 min"; other writing as it is. */
    private function duration(string $written): string
    {
        if (!preg_match('/^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:[\d.]+S)?)?$/i', $written, $m)) {
            return $written;
        }
        $minutes = 1440.0 * (float) ($m[1] ?? 0) + 60 * (float) ($m[2] ?? 0) + (float) ($m[3] ?? 0);
        $minutes = $minutes > self::LONGEST_MINUTES ? 0 : (int) $minutes;

        return 0 === $minutes
            ? ''
            : trim((intdiv($minutes, 60) > 0 ? intdiv($minutes, 60).' h ' : '').($minutes % 60 > 0 ? ($minutes % 60).' min' : ''));
    }
}
