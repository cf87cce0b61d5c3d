<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** Who says what in a chat, a thread or a typed conversation. */
final readonly class Speakers
{
    private const STAMP = '(?:\[?(?:\p{L}{2,9}\.?,?\s)?\d{1,4}[:.\/-]\d{1,2}[\d:.\/'
        .' -]*,?\s*(?:\d{1,2}[:.]\d\d(?:[:.]\d\d)?)?\s*(?:[ap]\.?m\.?)?\]?\s*[-–]?\s*)';
    /** "[12/03, 19:04] Merle: …", "19:04 - Merle: …" */
    private const STAMPED = '/^\s*'.self::STAMP.'(?<name>\p{L}[\p{L}\p{M} .’\'_-]{0,28}?):\s*(?=\S)/u';
    /** "Mum 08:16  …" */
    private const TIMED = '/^\s*(?<name>\p{Lu}[\p{L}\p{M}.’\'_-]{0,20}(?:\s\p{Lu}'
        .'[\p{L}\p{M}.’\'_-]{0,20})?)\s+\d{1,2}[:.]\d\d(?:\s*[ap]m)?:?\s+(?=\S)/u';
    /** "Darlene: …", "> me: …", "Marcy says: …" */
    private const NAMED = '/^\s*>?\s*(?<name>\p{L}[\p{L}\p{M}\d .’\'_-]{0,28}?)(?:\s+(?:says?|wrote|writes))?:\s+(?=\S)/u';
    private const ALONE = '/^\s*(?<name>\p{Lu}[\p{L}\p{M}.’\'_-]{1,20}(?:\s\p{Lu}[\p{L}\p{M}.’\'_-]{0,20})?)\s*$/u';
    private const AMOUNT = '/(?<![\p{L}\d])(?:\d+(?:[.,\/]\d+)?|[½¼¾]|one|two|three|four|half|an?)\s*(?:k?g|m?l|lbs?|oz|tbsp|tsp'
        .'|cups?|c|kilos?|pounds?'
        .'|tablespoons?|teaspoons?|tins?|cans?|cloves?|onions?|carrots?|hours?|hrs?|min\w*)\b/iu';
    private const LEAST_TURNS = 3;

    /**
     * @param array<int, int>          $names bytes of the speaker's name before a line, by the byte at which the line begins
     * @param list<array{int, string}> $turns byte from which somebody speaks, and who
     */
    private function __construct(private array $names, private array $turns, private ?string $cook)
    {
    }

    public static function of(string $text): self
    {
        $stamped = $named = $alone = [];
        $at = 0;
        foreach (explode("\n", $text) as $line) {
            if (preg_match(self::STAMPED, $line, $m) || preg_match(self::TIMED, $line, $m)) {
                $stamped[$at] = [mb_strtolower(trim($m['name'])), \strlen($m[0]), $line];
            } elseif (preg_match(self::NAMED, $line, $m)) {
                $named[$at] = [mb_strtolower(trim($m['name'])), \strlen($m[0]), $line];
            } elseif (preg_match(self::ALONE, $line, $m)) {
                $alone[$at] = [mb_strtolower($m['name']), \strlen($line), $line];
            }
            $at += \strlen($line) + 1;
        }
        $clocked = self::clocked($text);
        $turns = match (true) {
            \count($stamped) >= self::LEAST_TURNS => $stamped,
            default => self::repeated($named) ?: self::repeated($alone),
        };
        ksort($turns);
        $from = array_keys($turns);
        $said = $amounts = [];
        foreach (array_values($turns) as $k => [$name]) {
            $words = substr($text, $from[$k], ($from[$k + 1] ?? \strlen($text)) - $from[$k]);
            $amounts[$name] = ($amounts[$name] ?? 0) + (int) preg_match_all(self::AMOUNT, $words);
            $said[] = [$from[$k], $name];
        }
        arsort($amounts);

        return new self(array_map(static fn (array $t): int => $t[1], $turns) + $clocked, $said, array_key_first($amounts));
    }

    /** @return array<int, int> bytes of the clock's time before a line, where most lines have one */
    private static function clocked(string $text): array
    {
        $clocked = [];
        $at = 0;
        $lines = explode("\n", $text);
        foreach ($lines as $line) {
            if (preg_match('/^\s*[\[(]?\d{1,2}:\d\d(?::\d\d)?[\])]?\s+(?=\S)/', $line, $m)) {
                $clocked[$at] = \strlen($m[0]);
            }
            $at += \strlen($line) + 1;
        }

        return 3 * \count($clocked) > \count($lines) && \count($clocked) >= self::LEAST_TURNS ? $clocked : [];
    }

    /**
     * Those of the names that come again and again, and who speaks between them.
     *
     * @param array<int, array{string, int, string}> $turns
     *
     * @return array<int, array{string, int, string}>
     */
    private static function repeated(array $turns): array
    {
        $times = array_count_values(array_map(static fn (array $t): string => $t[0], $turns));
        $often = array_filter($times, static fn (int $n): bool => $n >= self::LEAST_TURNS);
        if ([] === $often || array_sum($times) < 5) {
            return [];
        }

        return array_filter(
            $turns, static fn (array $t): bool => $times[$t[0]] > 1 || !preg_match('/\b(?:note|tip|serves|for|the|to|time)\b/iu', $t[0]),
        );
    }

    /** How many bytes of a line tell who speaks. */
    public function nameAt(Stretch $row): int
    {
        return $this->names[$row->start] ?? 0;
    }

    public function voiceAt(int $byte): Voice
    {
        $who = null;
        foreach ($this->turns as [$from, $name]) {
            if ($from > $byte) {
                break;
            }
            $who = $name;
        }

        return match (true) {
            null === $who => Voice::Nobody,
            $who === $this->cook => Voice::Cook,
            default => Voice::Other,
        };
    }
}
