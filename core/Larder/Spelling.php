<?php

declare(strict_types=1);

namespace Pausis\Core\Larder;

/**
 * Finds the food's word that a mistyped or abbreviated one most likely is: Levenshtein's distance over the words of all names, in which a
 * doubled letter and a letter that thumbs and scanners mistake cost half.
 */
final readonly class Spelling
{
    /** Distances up to this share of a word's letters are mistakes; beyond it, it is another word. */
    private const MOST = 0.27;
    private const LEAST_LETTERS = 4;
    /** Letters left out are the likelier mistake. */
    private const LEFT_OUT = 0.2;

    /**
     * @param array<string, array<string, true>> $words  by their first letter
     * @param array<string, true>                $known
     * @param array<string, true>                $noFood
     * @param array<string, string>              $sounds short words by how they sound
     */
    private function __construct(private array $words, private array $known, private array $noFood, private array $sounds)
    {
    }

    /** @param list<string> $names normal names (Larder::normal) of all that is looked for */
    public static function of(array $names): self
    {
        $words = $known = $sounds = [];
        foreach ($names as $name) {
            foreach (explode(' ', $name) as $word) {
                $known[$word] = $known[$word.'s'] = true;
                if (3 === \strlen($word) && ctype_alpha($word)) {
                    $sounds[self::folded($word)] = $word;
                }
                if (\strlen($word) >= self::LEAST_LETTERS && ctype_alpha($word)) {
                    $words[$word[0]][$word] = true;
                }
            }
        }

        /** @var list<string> $plain words of recipes that name no food (bin/train) */
        $plain = require __DIR__.'/../data/reading/words.php';

        return new self($words, $known, array_fill_keys($plain, true), $sounds);
    }

    /**
     * A text with its unknown words put right.
     *
     * @return array{string, string, string}|null the word as it stands, what it most likely is, the text with it; null where nothing is
     */
    public function corrected(string $text): ?array
    {
        $said = $meant = null;
        $better = preg_replace_callback('/\p{L}[\p{L}\']{2,}/u', function (array $m) use (&$said, &$meant): string {
            $word = Larder::normal($m[0]);
            $likely = isset($this->known[$word]) || isset($this->noFood[$word]) ? null : $this->nearest($word);
            if (null === $likely) {
                return $m[0];
            }
            $said ??= $m[0];
            $meant ??= $likely;

            return $likely;
        }, $text);

        return null === $said || null === $meant || null === $better ? null : [$said, $meant, $better];
    }

    private function nearest(string $word): ?string
    {
        if (\strlen($word) < self::LEAST_LETTERS) {
            return $this->sounds[self::folded($word)] ?? null;
        }
        $best = null;
        $least = self::MOST * \strlen($word) + 0.01;
        foreach ($this->words[$word[0]] ?? [] as $other => $true) {
            $other = (string) $other;
            if (abs(\strlen($other) - \strlen($word)) > 3) {
                continue;
            }
            foreach ([$other, $other.'s'] as $form) {
                $distance = self::distance($word, $form);
                if ($distance < $least) {
                    [$best, $least] = [$form, $distance];
                }
            }
        }

        return $best;
    }

    private static function distance(string $one, string $other): float
    {
        $pattern = '/^'.implode('.*', str_split($one)).'$/';

        return (self::mistakes($one, $other) + self::mistakes(self::folded($one), self::folded($other))) / 2
            - (preg_match($pattern, $other) ? self::LEFT_OUT : 0.0);
    }

    /** Two letters that changed places are one mistake. */
    private static function mistakes(string $one, string $other): float
    {
        return $one !== $other && count_chars($one, 1) === count_chars($other, 1) ? 1.0 : (float) levenshtein($one, $other);
    }

    /** A word as it sounds. */
    public static function folded(string $word): string
    {
        return strtr(
            (string) preg_replace('/(.)\1+/', '$1', $word),
            ['ck' => 'k', 'c' => 'k', 'ph' => 'f', 'y' => 'i', 'z' => 's', 'q' => 'k', 'ie' => 'i', 'ei' => 'i'],
        );
    }
}
