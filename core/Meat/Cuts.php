<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/** The table of cuts. */
final readonly class Cuts
{
    private const ANIMALS = '/\b(?:pork|lamb|goat|venison|mutton|hogget|chicken|rabbit|wild boar|veal|turkey)\b/u';
    private const USUAL = '/shoulder|chuck|thigh|leg|haunch/u';
    private const OTHER_CUTS = '/\b(?:loins?|fillets?|tenderloins?|chops?|saddle|rack|breasts?|minced?|ground|liver|kidneys?|heart'
        .'|escalopes?|cutlets?|sausages?|ham|gammon|trotters?|tail|head|tongue|wings?|steaks?|medallions?|crown)\b/u';

    /** @param array<string, Cut> $byId */
    private function __construct(private array $byId, private string $anyName)
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
        $byId = $names = [];
        foreach ($data['cuts'] as $row) {
            $byId[$row['id']] = new Cut(
                $row['id'], $row['name'], $row['animal'], $row['need'], $row['sigma'] ?? $data['needSigma'], $row['form'],
                $row['fat'], $row['bone'], $row['boneSide'] ?? 1.0, $row['lean'] ?? false,
                Temperature::celsius($row['safeCore'] ?? 63.0), $row['past'] ?? 2.6, 'pieces' === $row['sold'],
                Mass::kilograms($row['pieceKg']), $row['words'],
            );
            array_push($names, ...array_map(static fn (string $word): string => preg_quote($word, '/'), $row['words']));
        }

        return new self($byId, '/\b(?:'.implode('|', $names).')(?:s|es)?\b/u');
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
        $text = mb_strtolower(str_replace('’', '\'', $text));
        if (!preg_match($this->anyName, $text)) {
            return null;
        }
        $best = null;
        $length = 0;
        foreach ($this->byId as $cut) {
            foreach ($cut->words as $word) {
                if (\strlen($word) > $length && preg_match('/\b'.preg_quote($word, '/').'(?:s|es)?\b/u', $text)) {
                    [$best, $length] = [$cut, \strlen($word)];
                }
            }
        }

        return $length > 0 && self::ofAnotherCut($text, $length) ? null : $best;
    }

    /** "pork loin" is no shoulder, though a plain "pork" may be. */
    private static function ofAnotherCut(string $text, int $length): bool
    {
        return preg_match(self::ANIMALS, $text, $m) && $length === \strlen($m[0]) && preg_match(self::OTHER_CUTS, $text);
    }
}
