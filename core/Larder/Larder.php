<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/**
 * The foods that are known, found by the longest of their names that occurs in a text.
 *
 * @phpstan-type Row array{
 *     id: string, role: string, words: non-empty-list<string>, density: float|null, pieceGrams: float|null, pieceMillilitres: float|null,
 *     unitGrams: array<string, float>, unitMillilitres: array<string, float>, water: float, waterShare: float, salt: float, sugar: float,
 *     starch: float, fat: float, alcohol: float, acid: bool, absorbs: float, thick: float, soften: float|null, holds: float,
 *     cut: int|null, add: string,
 *     lateMinutes: int|null, takeOut: bool, phaseolus: bool, melts: bool, allergens: list<string>, raw: string|null, soak: bool,
 *     underWater: bool,
 *     whole: bool,
 * }
 */
final class Larder
{
    private const FOLDED = [
        'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'á' => 'a', 'à' => 'a', 'â' => 'a', 'ä' => 'a', 'ã' => 'a', 'ï' => 'i', 'î' => 'i',
        'í' => 'i', 'ó' => 'o', 'ô' => 'o', 'ö' => 'o', 'ú' => 'u', 'ù' => 'u', 'û' => 'u', 'ü' => 'u', 'ñ' => 'n', 'ç' => 'c', '’' => '\'',
        '‘' => '\'',
    ];
    private const UNLESS_SAID = [
        'density' => null, 'pieceGrams' => null, 'pieceMillilitres' => null, 'unitGrams' => [], 'unitMillilitres' => [], 'water' => 0.0,
        'salt' => 0.0, 'sugar' => 0.0, 'starch' => 0.0, 'fat' => 0.0, 'alcohol' => 0.0, 'acid' => false, 'absorbs' => 0.0, 'thick' => 0.0,
        'soften' => null, 'holds' => 4.0, 'cut' => null, 'add' => 'start', 'lateMinutes' => null, 'takeOut' => false, 'phaseolus' => false,
        'melts' => false, 'allergens' => [], 'raw' => null, 'soak' => false, 'underWater' => false, 'whole' => false,
    ];
    private const FILES = [
        'liquid', 'tomato', 'dairy', 'acid', 'seasoning', 'spice', 'salt', 'vegetable', 'herb', 'aromatic', 'pulse', 'grain', 'thi'
            .'ckener', 'fat',
        'sweet', 'fruit', 'garnish', 'tool',
    ];
    /** A food is named near the beginning or not at all. */
    private const MOST_BYTES = 400;

    /** @var array<string, Food> made when first asked for: most requests need a dozen of them */
    private array $foods = [];
    private ?Spelling $spelling = null;

    /**
     * @param array<string, array<string, mixed>> $rows   by id, as in the file
     * @param array<string, string>               $byName normal name to id
     */
    private function __construct(private readonly array $rows, private readonly array $byName, private readonly int $longestName)
    {
    }

    public static function load(): self
    {
        $rows = $byName = [];
        $longest = 1;
        foreach (self::FILES as $file) {
            /** @var array{foods: list<array{id: string, words: list<string>, ...<string, mixed>}>} $data */
            $data = json_decode((string) file_get_contents(__DIR__.'/../data/larder/'.$file.'.json'), true, 16, \JSON_THROW_ON_ERROR);
            foreach ($data['foods'] as $row) {
                $rows[$row['id']] = $row;
                foreach ($row['words'] as $word) {
                    $name = self::normal($word);
                    $byName[$name] = $row['id'];
                    $longest = max($longest, substr_count($name, ' ') + 1);
                }
            }
        }

        return new self($rows, $byName, $longest);
    }

    /** @param Row $row */
    private static function food(array $row): Food
    {
        return new Food(
            $row['id'], Role::from($row['role']), $row['words'][0], $row['density'], $row['pieceGrams'], $row['pieceMillilitres'],
            $row['unitGrams'], $row['unitMillilitres'], $row['water'], $row['waterShare'], $row['salt'], $row['sugar'], $row['starch'],
            $row['fat'], $row['alcohol'], $row['acid'], $row['absorbs'], $row['thick'], $row['soften'], (float) $row['holds'], $row['cut'],
            Adding::from($row['add']), $row['lateMinutes'], $row['takeOut'], $row['phaseolus'], $row['melts'], $row['allergens'],
            $row['raw'], $row['soak'], $row['underWater'], $row['whole'], $row['words'],
        );
    }

    public function find(string $id): ?Food
    {
        if (!isset($this->rows[$id])) {
            return null;
        }
        /** @var Row $row the schema of the file says so, and a test */
        $row = $this->rows[$id] + self::UNLESS_SAID;

        return $this->foods[$id] ??= self::food($row);
    }

    /**
     * What a food is by the words around it: beans that nobody calls tinned, jarred or cooked are raw.
     *
     * @return array{Food, bool} and whether the words leave it open
     */
    public function asSaid(Food $food, string $name, string $around): array
    {
        $raw = null === $food->raw ? null : $this->find($food->raw);
        if (null === $raw) {
            return [$food, false];
        }
        $said = PulseState::of($name, $around);
        if (Role::Pulse !== $food->role) {
            return [PulseState::Raw === $said && PulseState::saysDried("$name $around") ? $raw : $food, false];
        }

        return [PulseState::Cooked === $said ? $food : $raw, PulseState::Unsaid === $said];
    }

    /** @return list<Food> */
    public function all(): array
    {
        return array_values(array_filter(array_map($this->find(...), array_keys($this->rows))));
    }

    /**
     * The food named in a text. Names of more words win; of two that overlap the later, being the noun, and otherwise the first.
     *
     * @return array{Food, string, int}|null the food, the words that named it, and how many words stand before them
     */
    public function named(string $text): ?array
    {
        $words = explode(' ', self::normal(mb_strcut($text, 0, self::MOST_BYTES)));
        for ($length = min($this->longestName, \count($words)); $length > 0; --$length) {
            $found = null;
            $last = \count($words) - $length;
            for ($i = 0; $i <= $last; ++$i) {
                $name = implode(' ', \array_slice($words, $i, $length));
                $id = $this->byName[$name] ?? $this->byName[self::singular($name)] ?? $this->byName[$name.'s'] ?? null;
                if (null !== $id) {
                    $found = [$this->find($id) ?? throw new \LogicException("No food $id."), $name, $i];
                    // The noun is the last of words that stand together.
                    $last = min($last, $i + $length);
                }
            }
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<string> the single words of all names */
    public function words(): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (int|string $name): array => explode(' ', (string) $name), array_keys($this->byName),
        ))));
    }

    /**
     * What mistyped words of these names, and of more that a caller knows, most likely mean.
     *
     * @param list<string> $more normal names
     */
    public function spelling(array $more): Spelling
    {
        return $this->spelling ??= Spelling::of([...array_map(strval(...), array_keys($this->byName)), ...$more]);
    }

    /** @return array<string, true> the last words of all names, which are what a food is */
    public function nouns(): array
    {
        $nouns = [];
        foreach ($this->byName as $name => $id) {
            $nouns[(string) preg_replace('/^.* /u', '', $name)] = true;
        }

        return $nouns;
    }

    /** Lower case, without accents, hyphens and punctuation: how names are compared. */
    public static function normal(string $text): string
    {
        if (\strlen($text) === strspn($text, 'abcdefghijklmnopqrstuvwxyz ') && !str_contains($text, '  ')) {
            return trim($text);
        }
        $text = strtr(mb_strtolower($text), self::FOLDED);

        return trim((string) preg_replace('/[^\p{L}\p{M}\']+/u', ' ', $text));
    }

    private static function singular(string $name): string
    {
        return (string) preg_replace(
            ['/(?<=[^aeiou])ies$/u', '/leaves$/u', '/(?<=o|ch|sh)es$/u', '/(?<=[^s])s$/u'], ['y', 'leaf', '', ''], $name, 1,
        );
    }
}
