<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe\Internal;

/** Numbers as cooks write them: 2, 2.5, 2,5, ½, 2½, 2 1/2, 3/4, a, half a, two. */
final class Number
{
    private const FRACTIONS = ['½' => 0.5, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 0.25, '¾' => 0.75, '⅕' => 0.2, '⅖' => 0.4, '⅗' => 0.6, '⅘' => 0.8, '⅙' => 1 / 6, '⅚' => 5 / 6, '⅛' => 0.125, '⅜' => 0.375, '⅝' => 0.625, '⅞' => 0.875];
    /** The more telling first: "a dozen" is twelve. */
    private const WORDS = ['half' => 0.5, 'quarter' => 0.25, 'dozen' => 12, 'couple' => 2, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'twelve' => 12, 'an' => 1, 'a' => 1];
    /** Longer digit strings are no kitchen number. */
    private const DIGITS = '\d{1,5}';

    /** A pattern without groups that matches one number. */
    public static function pattern(): string
    {
        $vulgar = '['.implode('', array_keys(self::FRACTIONS)).']';
        $d = self::DIGITS;

        $words = implode('|', array_keys(self::WORDS));

        return "(?:(?:\d{1,2}|$words)\s+and\s+a\s+(?:half|quarter)|$d\s?$vulgar|$vulgar|$d(?:\s+|-)\d{1,2}\s?[\/⁄]\s?\d{1,2}|\d{1,2}\s?[\/⁄]\s?\d{1,2}|$d(?:[.,]\d{1,5})?"
            ."|(?:(?:half|quarter)\s+(?:an|a|of\s+a)|a\s+(?:half|quarter|couple|dozen)(?:\s+of(?:\s+an)?)?|$words)(?![\p{L}\p{M}]))";
    }

    public static function value(string $written): float
    {
        $written = trim(mb_strtolower($written));
        if (preg_match('/^(\S+)\s+and\s+a\s+(half|quarter)$/u', $written, $m)) {
            return self::value($m[1]) + self::WORDS[$m[2]];
        }
        if (preg_match('/\p{L}/u', $written)) {
            foreach (self::WORDS as $word => $value) {
                if (preg_match('/\b'.$word.'\b/u', $written)) {
                    return (float) $value;
                }
            }
        }
        $total = 0.0;
        foreach (self::FRACTIONS as $sign => $value) {
            if (str_contains($written, $sign)) {
                $total += $value;
                $written = trim(str_replace($sign, '', $written));
            }
        }
        if (preg_match('/^(?:(\d+)(?:\s+|-))?(\d+)\s?[\/⁄]\s?(\d+)$/u', $written, $m)) {
            return $total + (float) $m[1] + ((int) $m[3] > 0 ? (int) $m[2] / (int) $m[3] : 0);
        }

        return $total + (float) str_replace(',', '.', $written);
    }
}
