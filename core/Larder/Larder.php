<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/** The foods that are known, found by the longest of their names that occurs in a text. */
final readonly class Larder
{
    /**
     * @param array<string, Food>   $foods  by id
     * @param array<string, string> $byName lower-case name to id
     */
    private function __construct(private array $foods, private array $byName, private int $longestName)
    {
    }

    public static function load(): self
    {
        /** @var array{foods: list<array{id: string, role: string, words: list<string>, density?: float, pieceGrams?: float, pieceMillilitres?: float, water?: float, salt?: float, fat?: float, alcohol?: float, absorbs?: float, thick?: float, soften?: float, cut?: int, late?: bool, tender?: bool, takeOut?: bool, phaseolus?: bool, melts?: bool, allergens?: list<string>}>} $data */
        $data = json_decode((string) file_get_contents(__DIR__.'/../data/larder.json'), true, 16, \JSON_THROW_ON_ERROR);
        $foods = $byName = [];
        $longest = 1;
        foreach ($data['foods'] as $row) {
            $foods[$row['id']] = new Food(
                $row['id'], Role::from($row['role']), $row['words'][0],
                $row['density'] ?? null, $row['pieceGrams'] ?? null, $row['pieceMillilitres'] ?? null,
                $row['water'] ?? 0.0, $row['salt'] ?? 0.0, $row['fat'] ?? 0.0, $row['alcohol'] ?? 0.0,
                $row['absorbs'] ?? 0.0, $row['thick'] ?? 0.0, $row['soften'] ?? null, $row['cut'] ?? null,
                $row['late'] ?? false, $row['tender'] ?? false, $row['takeOut'] ?? false, $row['phaseolus'] ?? false, $row['melts'] ?? false,
                $row['allergens'] ?? [],
            );
            foreach ($row['words'] as $word) {
                $byName[$word] = $row['id'];
                $longest = max($longest, substr_count($word, ' ') + 1);
            }
        }

        return new self($foods, $byName, $longest);
    }

    public function find(string $id): ?Food
    {
        return $this->foods[$id] ?? null;
    }

    /** @return list<Food> */
    public function all(): array
    {
        return array_values($this->foods);
    }

    /**
     * The food named in a text. Names of more words win, and of equally long ones the first.
     *
     * @return array{Food, string}|null the food and the words that named it
     */
    public function named(string $text): ?array
    {
        $words = preg_split('/[^\p{L}\p{M}’\'-]+/u', mb_strtolower(str_replace('\'', '’', $text)), 60, \PREG_SPLIT_NO_EMPTY) ?: [];
        for ($length = min($this->longestName, \count($words)); $length > 0; --$length) {
            for ($i = 0; $i + $length <= \count($words); ++$i) {
                $name = implode(' ', \array_slice($words, $i, $length));
                $id = $this->byName[$name] ?? $this->byName[self::singular($name)] ?? null;
                if (null !== $id) {
                    return [$this->foods[$id], $name];
                }
            }
        }

        return null;
    }

    private static function singular(string $name): string
    {
        return (string) preg_replace('/(?<=[^s])s$|(?<=o)es$/u', '', $name);
    }
}
