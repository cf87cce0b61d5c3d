<?php

declare(strict_types=1);

namespace Pausis\Core\Quantity;

/** Numbers as cooks write and say them: 2, 2.5, 2,5, ½, 2½, 2 1/2, 3/4, a, half a, two, four hundred, three quarters of a. */
final class Number
{
    private const FRACTIONS = [
        '½' => 0.5, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 0.25, '¾' => 0.75, '⅕' => 0.2, '⅖' => 0.4, '⅗' => 0.6, '⅘' => 0.8, '⅙' => 1 / 6,
        '⅚' => 5 / 6, '⅛' => 0.125, '⅜' => 0.375, '⅝' => 0.625, '⅞' => 0.875,
    ];
    private const ONES = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9,
    ];
    private const TEENS = [
        'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16,
        'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19,
    ];
    private const TENS = [
        'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90,
    ];
    private const PARTS = ['half' => 0.5, 'third' => 1 / 3, 'quarter' => 0.25];
    /** What is neither a number nor exact, but counts. */
    private const LOOSE = ['dozen' => 12, 'couple' => 2, 'few' => 3, 'several' => 4];
    /** Longer digit strings are no kitchen number. */
    private const DIGITS = '\d{1,5}';

    /** A pattern without groups that matches one number. */
    public static function pattern(): string
    {
        $vulgar = '['.implode('', array_keys(self::FRACTIONS)).']';
        $d = self::DIGITS;
        $ones = implode('|', array_keys(self::ONES));
        $teens = implode('|', array_keys(self::TEENS));
        $end = '(?![\p{L}\p{M}])';
        $tens = '(?:'.implode('|', array_keys(self::TENS)).")(?:[\s-](?:$ones)$end)?+";
        $said = "(?:(?:$ones|a)\s+hundred(?:(?:\s+and)?\s+(?:$tens|$teens|$ones))?|$tens|$teens|$ones)";
        $of = '(?:\s+(?:of\s+)?an?|\s+of(?:\s+the)?)';

        return "(?:(?:\d{1,2}|$said|an?)\s+(?:and|n|&)\s+(?:a\s+|one[\s-])?(?:half|quarter|third)$end"
            ."|one-(?:half|quarter|third)$end|$d\s?$vulgar|$vulgar|$d(?:\s+"
            ."|-)\d{1,2}\s?[\/⁄]\s?\d{1,2}|\d{1,2}\s?[\/⁄]\s?\d{1,2}|$d(?:[.,]\d{1,5})?"
            ."|(?:(?:half|quarter|third)(?:\s+(?:of\s+)?an?(?:\s+dozen)?)|(?:three\s+quarters|two\s+thirds)$of?"
            ."|half\s+the|a\s+(?:half|quarter|third|couple|dozen|few)(?:\s+of(?:\s+an?)?)?|$said|several|half|dozen|an?)$end)";
    }

    public static function value(string $written): float
    {
        $written = trim((string) preg_replace('/\s+/', ' ', mb_strtolower($written)));
        if (preg_match('/^(.+?) (?:and|n|&) (?:a |one[ -])?(half|quarter|third)$/u', $written, $m)) {
            return self::value($m[1]) + self::PARTS[$m[2]];
        }
        if (preg_match('/\p{L}/u', $written)) {
            return self::said($written);
        }
        $total = 0.0;
        foreach (self::FRACTIONS as $sign => $value) {
            if (str_contains($written, $sign)) {
                $total += $value;
                $written = trim(str_replace($sign, '', $written));
            }
        }
        if (preg_match('/^(?:(\d+)(?: |-))?(\d+) ?[\/⁄] ?(\d+)$/u', $written, $m)) {
            return $total + (float) $m[1] + ((int) $m[3] > 0 ? (int) $m[2] / (int) $m[3] : 0);
        }

        return $total + (float) str_replace(',', '.', $written);
    }

    private static function said(string $written): float
    {
        if (preg_match('/^(three|two) (quarter|third)s/u', $written, $m)) {
            return self::ONES[$m[1]] * self::PARTS[$m[2]];
        }
        if (preg_match('/\b(half|quarter|third)\b/u', $written, $m)) {
            return self::PARTS[$m[1]] * (str_contains($written, 'dozen') ? 12 : 1);
        }
        if (preg_match('/\b(dozen|couple|few|several)\b/u', $written, $m)) {
            return (float) self::LOOSE[$m[1]];
        }
        $total = 0.0;
        foreach (preg_split('/[\s-]+/', $written) ?: [] as $word) {
            $total = 'hundred' === $word
                ? max(1.0, $total) * 100
                : $total + (self::ONES[$word] ?? self::TEENS[$word] ?? self::TENS[$word] ?? 0);
        }

        return $total > 0 ? $total : 1.0;
    }
}
