<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Larder\Larder;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/** The table of cuts. */
final readonly class Cuts
{
    private const OF_ANY_CUT = '/^(?:diced|cubed|boneless|stewing(?! (?:hen|chicken|fowl))|braising|casserole|stew|lean|wild|pie'
        .'|half|slices|rolled)\b/u';
    /** A cut is named near the beginning or not at all. */
    private const MOST_BYTES = 400;
    private const ANIMALS = '/\b(?:pork|lamb|goat|venison|mutton|hogget|chicken|rabbit|wild boar|veal|turkey)\b/u';
    private const USUAL = '/shoulder|chuck|thigh|leg|haunch/u';
    private const OTHER_CUTS = '/\b(?:loins?|fillets?|tenderloins?|chops?|saddle|rack|breasts?|minced?|ground|liver|kidneys?|heart'
        .'|escalopes?|cutlets?|sausages?|ham|gammon|trotters?|tail|head|tongue|wings?|steaks?|medallions?|crown)\b/u';

    /**
     * @param array<string, Cut> $byId
     * @param array<string, Cut> $byName by normal names (Larder::normal)
     */
    private function __construct(private array $byId, private array $byName, private int $longestName)
    {
    }

    public static function load(): self
    {
        /**
         * @var array{needSigma: float, cuts: list<array{id: string, name: string, animal: string, need: float, sigma?: float,
         *     form: array{float, float, float}, fat: float, bone: float, boneSide?: float, lean?: bool, safeCore?: float, past?: float,
         * sold: string, pieceKg: float, words: list<string>}>} $data
         */
        $data = json_decode((string) file_get_contents(__DIR__.'/../data/cuts.json'), true, 16, \JSON_THROW_ON_ERROR);
        $byId = $byName = [];
        $longest = 1;
        foreach ($data['cuts'] as $row) {
            $byId[$row['id']] = new Cut(
                $row['id'], $row['name'], $row['animal'], $row['need'], $row['sigma'] ?? $data['needSigma'], $row['form'],
                $row['fat'], $row['bone'], $row['boneSide'] ?? 1.0, $row['lean'] ?? false,
                Temperature::celsius($row['safeCore'] ?? 63.0), $row['past'] ?? 2.6, 'pieces' === $row['sold'],
                Mass::kilograms($row['pieceKg']), $row['words'],
            );
            foreach ($row['words'] as $word) {
                $name = Larder::normal($word);
                $byName[$name] = $byId[$row['id']];
                $longest = max($longest, substr_count($name, ' ') + 1);
            }
        }

        return new self($byId, $byName, $longest);
    }

    public function find(string $id): ?Cut
    {
        return $this->byId[$id] ?? null;
    }

    /** @return list<Cut> */
    public function all(): array
    {
        return array_values($this->byId);
    }

    /** @return list<string> normal (Larder::normal) */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->byName));
    }

    /** @return array<string, true> the last words of all names */
    public function nouns(): array
    {
        $nouns = [];
        foreach ($this->byId as $cut) {
            foreach ($cut->words as $word) {
                $nouns[(string) preg_replace('/^.* /u', '', $word)] = true;
            }
        }

        return $nouns;
    }

    /** @return list<Cut> those of the animal that a text names, shoulders and legs first; at most three */
    public function offered(string $text): array
    {
        $text = mb_strtolower($text);
        $of = array_values(array_filter(
            $this->byId, static fn (Cut $cut): bool => (bool) preg_match('/\b'.preg_quote($cut->animal, '/').'\b/u', $text),
        ));
        usort($of, static fn (Cut $a, Cut $b): int => preg_match(self::USUAL, $b->name) <=> preg_match(self::USUAL, $a->name));

        return \array_slice($of, 0, 3);
    }

    /**
     * The cut a recipe's words most likely mean: the longest of the known names that occurs in them. Null where they name a cut of
     * that animal which isn't known here, so that it is asked for.
     */
    public function named(string $text): ?Cut
    {
        $words = explode(' ', Larder::normal(mb_strcut($text, 0, self::MOST_BYTES)));
        $best = $name = null;
        $length = 0;
        for ($most = min($this->longestName, \count($words)); $most > 0; --$most) {
            for ($i = 0, $last = \count($words) - $most; $i <= $last; ++$i) {
                $said = implode(' ', \array_slice($words, $i, $most));
                $found = $this->byName[$said] ?? $this->byName[(string) preg_replace('/(?:(?<=ch|sh)es|s)$/', '', $said)] ?? null;
                // "diced beef" says less than "shin".
                $says = preg_match(self::OF_ANY_CUT, $said) ? 1 : \strlen($said);
                if (null !== $found && $says > $length) {
                    [$best, $name, $length] = [$found, $said, $says];
                }
            }
        }

        return null !== $name && self::ofAnotherCut(implode(' ', $words), $name) ? null : $best;
    }

    /** "pork loin" is no shoulder, though a plain "pork" may be. */
    private static function ofAnotherCut(string $text, string $name): bool
    {
        return preg_match(self::ANIMALS, $name, $m) && $m[0] === $name && preg_match(self::OTHER_CUTS, $text);
    }
}
