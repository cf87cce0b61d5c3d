<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Internal;

use Pausis\Core\Quantity\Number;
use Pausis\Core\Recipe\Minutes;

/**
 * The times that a text names, each with its place: "3 to 3½ hours", "3 h 30 to 4 h", "2h30", "an hour and three quarters", "half an
 * hour", "an hour or so", "5-6h".
 */
final class Durations
{
    private const MOST = 40;
    private const HOUR = '(?:hours?|hrs?|h)(?![\p{L}])\.?';
    private const MINUTE = '(?:minutes?|mins?|min|m|\')(?![\p{L}\d])\.?';
    private const TO = '\s*(?:-|–|—|to|or|till|bis|~|\/)\s*';

    private const REMEMBERED = 400;

    private static ?string $pattern = null;
    /** @var array<string, list<array{Minutes, int, int}>> what it was asked about lately */
    private static array $lately = [];

    /** @return list<array{Minutes, int, int}> minutes, first byte, length */
    public static function in(string $text): array
    {
        if (!preg_match('/\d|hour|min|½|quarter/u', $text)) {
            return [];
        }
        if (\count(self::$lately) > self::REMEMBERED) {
            self::$lately = [];
        }

        return self::$lately[$text] ??= self::found($text);
    }

    /** @return list<array{Minutes, int, int}> */
    private static function found(string $text): array
    {
        preg_match_all(self::$pattern ??= self::pattern(), $text, $all, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL);
        $found = [];
        foreach (\array_slice($all, 0, self::MOST) as $m) {
            $of = static fn (string $name): ?string => $m[$name][0] ?? null;
            $at = static fn (int $k): float => self::minutes($of("h$k"), $of("m$k"), $of("f$k"), $of("u$k"), $of("w$k"));
            [$low, $high] = match (true) {
                null !== $of('bare') => [
                    Number::value($of('bare')) * (null !== $of('w2') || self::isHour($of('u2') ?? 'h') ? 60 : 1), $at(2),
                ],
                null !== $of('later') => [$at(1), $at(3)],
                default => [$at(1), $at(1)],
            };
            if ($low > 0 || $high > 0) {
                $found[] = [Minutes::between(0.0 === $low ? $high : $low, $high), $m[0][1], \strlen((string) $m[0][0])];
            }
        }

        return $found;
    }

    private static function isHour(string $unit): bool
    {
        return str_starts_with(mb_strtolower($unit), 'h');
    }

    private static function minutes(?string $number, ?string $minutes, ?string $fraction, ?string $unit, ?string $words): float
    {
        if (null !== $words) {
            return match (true) {
                (bool) preg_match('/three[- ]quarters|¾/iu', $words) => 45.0,
                (bool) preg_match('/half|½/iu', $words) => 30.0,
                (bool) preg_match('/quarter|¼/iu', $words) => 15.0,
                default => 60.0,
            };
        }
        if (null === $number || null === $unit) {
            return 0.0;
        }
        $value = Number::value($number);
        $extra = match (true) {
            null !== $minutes => Number::value((string) preg_replace('/\s*-?\s*(?:m|min)\p{L}*\.?$/iu', '', $minutes)),
            null === $fraction => 0.0,
            (bool) preg_match('/three|¾/iu', $fraction) => 45.0,
            (bool) preg_match('/half|½/iu', $fraction) => 30.0,
            default => 15.0,
        };

        return self::isHour($unit) ? 60 * $value + $extra : $value;
    }

    private static function pattern(): string
    {
        $n = Number::pattern();
        $words = '(?:half|a half|three[- ]quarters|a quarter|½|¾|¼)\s+(?:of\s+)?an?\s+hour|another\s+(?:half\s*-?\s*(?:an\s+)?)?hour'
            .'|(?:the\s+)?(?:first|last|final)\s+hour';
        $more = '(?:more\s+|good\s+|full\s+|long\s+|further\s+)?';
        $span = static fn (int $k): string => "(?:(?<w$k>$words)|(?<h$k>$n)\s*-?\s*$more(?<u$k>".self::HOUR
            .'|'.self::MINUTE
            .')'
            ."(?:(?<=[hHrRsS.])\s*(?:and\s+)?(?:(?<m$k>\d{1,2}(?:\s*".self::MINUTE.")?(?![\d½¼¾]|[.,]\d|\s*(?:°|g\b|kg|ml|c\b))"
            ."|$n(?=\s*-?\s*min)\s*-?\s*".self::MINUTE.")|(?<f$k>(?:a\s+)?half|three[- ]quarters|a\s+quarter|½|¾|¼)(?!\s+(?:of\s+)?(?:the"
            ."|an)\b)))?)";

        return '/(?<![\p{L}\d.,])(?:(?<bare>'.$n.')'.self::TO.'(?<whole>'.$span(2).')|'.$span(1).'(?:'.self::TO.'(?<later>'.str_replace(
            ['<w2>', '<h2>', '<u2>', '<m2>', '<f2>'], ['<w3>', '<h3>', '<u3>', '<m3>', '<f3>'], $span(2),
        ).'))?)/iu';
    }
}
