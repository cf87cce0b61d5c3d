<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Recipe\Guess;

/** Words that dictation mistakes for kitchen words, and what was most likely said. Data: core/data/misheard.json. */
final readonly class Misheard
{
    /** @param array<string, list<array{said: string, meant: string, pattern: string, beside: string}>> $words by place: food, step */
    private function __construct(private array $words)
    {
    }

    public static function load(): self
    {
        /** @var array{words: list<array{said: string, meant: string, in: string, beside?: string}>} $data */
        $data = json_decode((string) file_get_contents(__DIR__.'/../data/misheard.json'), true, 8, \JSON_THROW_ON_ERROR);
        $words = ['food' => [], 'step' => []];
        foreach ($data['words'] as $row) {
            $words[$row['in']][] = [
                'said' => $row['said'], 'meant' => $row['meant'],
                'pattern' => '/(?<![\p{L}\'’])'.preg_quote($row['said'], '/').'(?![\p{L}\'’])/iu',
                'beside' => isset($row['beside']) ? '/(?<!\p{L})(?:'.$row['beside'].')(?!\p{L})/iu' : '',
            ];
        }
        usort($words['food'], static fn (array $a, array $b): int => \strlen($b['said']) <=> \strlen($a['said']));

        return new self($words);
    }

    /** What an ingredient's words most likely meant; null where nothing was misheard. */
    public function food(string $text, string $line): ?Guess
    {
        return $this->guess('food', $text, $line);
    }

    public function step(string $sentence): ?Guess
    {
        return $this->guess('step', $sentence, $sentence);
    }

    private function guess(string $in, string $text, string $around): ?Guess
    {
        $lower = mb_strtolower($text);
        foreach ($this->words[$in] as $word) {
            if (str_contains($lower, $word['said']) && preg_match($word['pattern'], $text)
                && ('' === $word['beside'] || preg_match($word['beside'], $around))) {
                return new Guess($word['said'], $word['meant'], (string) preg_replace($word['pattern'], $word['meant'], $text, 1));
            }
        }

        return null;
    }
}
