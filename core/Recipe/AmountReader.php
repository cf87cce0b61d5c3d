<?php

declare(strict_types=1);

namespace Pausis\Core\Recipe;

use Pausis\Core\Recipe\Internal\Number;

/** Finds an amount at the start of a text, or failing that further on. */
final readonly class AmountReader
{
    private string $leading;
    private string $anywhere;

    public function __construct()
    {
        $n = Number::pattern();
        $u = Unit::pattern();
        $about = '(?:about|around|approx\.?|approximately|roughly|c\.|ca\.|~|generous|good|scant|heaped|level|heaping|rounded|large|big|small)';
        $range = "(?<low>$n)(?:\s*(?:-|–|—|to|or)\s*(?<high>$n))?";
        $alternative = "(?:\s*[\/(]\s*(?:about\s*)?$n(?:\s*(?:-|–|to)\s*$n)?\s*(?:".str_replace('?<unit>', '?:', $u).')\s*\)?)?';
        $size = '\d+(?:[.,]\d+)?\s*(?:g|kg|ml|cl|l|oz|lb)\b';
        $times = "(?:(?<count>\d{1,2})\s*[x×]\s*|(?<each>\d{1,2}|an?|one|two|three)(?:\s+|\s*\()(?=$size))?";
        $container = '(?:\s*\)?\s*(?<container>tins?|cans?|jars?|bottles?|cartons?|packets?|packs?)\b(?:\s+of\b)?)?';
        $this->leading = "/^\s*(?:$about\s+)*$times$range\s*(?:$about\s+)*(?:$u)?\.?$container$alternative\s*/iu";
        $this->anywhere = "/(?<![\p{L}\d])$times$range\s*(?:$about\s+)*$u$alternative/iu";
    }

    /**
     * @return array{Amount, string, bool}|null the amount, the text without it, and whether it stood at the start
     */
    public function find(string $text): ?array
    {
        if (preg_match($this->leading, $text, $m, \PREG_UNMATCHED_AS_NULL)) {
            return [$this->amount($m), substr($text, \strlen((string) $m[0])), true];
        }
        if (preg_match($this->anywhere, $text, $m, \PREG_UNMATCHED_AS_NULL)) {
            return [$this->amount($m), trim(str_replace((string) $m[0], ' ', $text), " \t,–-():"), false];
        }

        return null;
    }

    /** @param array<string|null> $m */
    private function amount(array $m): Amount
    {
        $times = isset($m['each']) ? Number::value($m['each']) : (float) ($m['count'] ?? 1);
        $unit = Unit::spelled((string) ($m['unit'] ?? ''));
        $low = self::value((string) $m['low'], $unit);
        $high = isset($m['high']) ? self::value($m['high'], $unit) : $low;

        return new Amount($times * min($low, $high), $times * max($low, $high), $unit);
    }

    /** "1,500 g" is one and a half kilograms, "1,5 kg" and "1,400 kg" are decimals. */
    private static function value(string $written, ?Unit $unit): float
    {
        $thousands = (Unit::Gram === $unit || Unit::Millilitre === $unit) && preg_match('/^\d{1,2},\d{3}$/', $written);

        return Number::value($thousands ? str_replace(',', '', $written) : $written);
    }
}
