<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** Where in a very long text its first recipe lies: by where amounts stand close together. */
final readonly class Window
{
    public const MOST_LINES = 600;
    /** Of them, those before the first amounts: a title, an introduction. */
    private const BEFORE = 150;
    /** Amounts are counted over so many lines. */
    private const LIST = 30;
    private const MEASURED = '/^\W*[\d½¼¾⅓⅔]|\d\s*(?:k?g|m?l|oz|lbs?|tbsp|tsp|cups?)\b/iu';

    /**
     * The place of the first line within it.
     *
     * @param list<Line> $lines
     */
    public static function from(array $lines): int
    {
        $most = \count($lines);
        if ($most <= self::MOST_LINES) {
            return 0;
        }
        $sums = [0];
        foreach ($lines as $k => $line) {
            $sums[] = $sums[$k] + (preg_match(self::MEASURED, $line->said->text) ? 1 : 0);
        }
        $dense = [];
        for ($k = 0; $k + self::LIST <= $most; ++$k) {
            $dense[] = $sums[$k + self::LIST] - $sums[$k];
        }
        $enough = max(1, ...$dense) / 2;
        foreach ($dense as $k => $measured) {
            if ($measured >= $enough) {
                return max(0, min($k - self::BEFORE, $most - self::MOST_LINES));
            }
        }

        return 0;
    }
}
