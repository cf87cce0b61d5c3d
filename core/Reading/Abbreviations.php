<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

/**
 * Words that are cut short on cards and in old kitchen books, "2 oz. butt.", "1 rib cel. chopd". Data:
 * core/data/reading/abbreviations.json; one that is written there with a stop is cut short only where the stop stands.
 */
final class Abbreviations
{
    /** A text with fewer different ones is no card: "med." may be anything. */
    private const LEAST = 3;
    private const WRITTEN = '/(?<![\p{L}\'’\d-])\p{L}[\p{L}\'’-]{1,9}(?<stop>\.)?/u';
    /** "s. & p.", "w/ edge of saucer", and the brace that binds lines */
    private const SIGNS = [
        '/(?<!\p{L})s\.? ?(?:&|\+|and) ?p\b\.?/iu' => 'salt and pepper', '/(?<!\p{L})w(?:\/ ?(?=\p{L})|\. (?=[\p{Ll}\d]))/iu' => 'with ',
        '/(?<=\S) *\}(?=[^\S\n]*(?:\p{L}+[^\S\n]*)?$)/mu' => ' ',
    ];
    /** "1½ pts. stk.", "pour on stk", but "1 stk celery", "rd. stk". */
    private const STK = [
        '/(?:pts?|pints?|qts?|cups?|c|ml|gills?|veg|chick|chicken|ham|game|lamb|on|the|hot|good)\b\.?\s+$/iu' => 'stock',
        '/(?:rd|round|swiss|chuck|rump|flank|skirt|shin|stew(?:ing)?|lbs?|into|then)\b\.?\s+$/iu' => 'steak',
        '/[\d½¼¾]\s*$/u' => 'stick',
    ];

    /** @var array<string, string>|null */
    private static ?array $words = null;

    private function __construct()
    {
    }

    /** @return array<int, array{string, int, int}> by the byte at which each begins: the word, and the bytes that it stands for */
    public static function in(string $source): array
    {
        $words = self::$words ??= self::load();
        $hits = $kinds = [];
        preg_match_all(self::WRITTEN, $source, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$written, $at]) {
            $bare = str_replace('’', "'", mb_strtolower(rtrim($written, '.')));
            $word = 'stk' === $bare
                ? self::stk(substr($source, max(0, $at - 16), min(16, $at)))
                : $words[$bare] ?? (str_ends_with($written, '.') ? $words["$bare."] ?? null : null);
            if (null !== $word) {
                $kinds[$bare] = true;
                $capital = preg_match('/^\p{Lu}/u', $written) && $word !== mb_strtoupper($word);
                $ends = $at + \strlen($written);
                $stays = str_ends_with($written, '.') && preg_match('/\G\s*(?:\n|$|\p{Lu})/u', $source, $m, 0, $ends);
                $hits[$at] = [$capital ? ucfirst($word) : $word, $at, $ends - ($stays ? 1 : 0)];
            }
        }
        foreach (self::SIGNS as $pattern => $word) {
            preg_match_all($pattern, $source, $signs, \PREG_OFFSET_CAPTURE);
            foreach ($signs[0] as [$written, $at]) {
                $kinds[$pattern] = true;
                $hits[$at] = [$word, $at, $at + \strlen($written)];
            }
        }

        return \count($kinds) < self::LEAST ? [] : $hits;
    }

    private static function stk(string $before): ?string
    {
        foreach (self::STK as $pattern => $word) {
            if (preg_match($pattern, $before)) {
                return $word;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private static function load(): array
    {
        /** @var array<string, string> $words */
        $words = json_decode((string) file_get_contents(__DIR__.'/../data/reading/abbreviations.json'), true, 4, \JSON_THROW_ON_ERROR);

        return $words;
    }
}
