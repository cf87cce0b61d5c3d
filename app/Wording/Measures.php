<?php

declare(strict_types=1);

namespace Pausis\App\Wording;

use Pausis\App\Store\HouseRecord;

/** Puts quantities into the units, and moments into the clock, of the house. Values come in SI or kitchen units; words go out. */
final readonly class Measures
{
    private const CUP = 236.6;
    private const QUART = 0.9464;
    private const FRACTIONS = [0 => '', 1 => '¼', 2 => '½', 3 => '¾'];

    /** @var array<string, string> the quantities that stand in sentences as they are: c60 is 60 °C */
    public array $fixed;
    private bool $us;

    public function __construct(private HouseRecord $house)
    {
        $this->us = 'us' === $house->units;
        $fixed = ['kg2' => $this->mass(2000), 'kg1' => $this->mass(1000)];
        foreach ([32, 60, 74, 80, 90] as $celsius) {
            $fixed["c$celsius"] = $this->temperature($celsius);
        }
        foreach ([40, 110, 120] as $millilitres) {
            $fixed["ml$millilitres"] = $this->volume($millilitres);
        }
        $this->fixed = $fixed;
    }

    public function mass(float $grams): string
    {
        if ($this->us && abs($grams) >= 28) {
            $ounces = (int) round($grams / 28.35);

            return $ounces < 16 ? "$ounces oz" : trim(intdiv($ounces, 16).' lb '.(0 === $ounces % 16 ? '' : $ounces % 16 .' oz'));
        }

        return match (true) {
            abs($grams) >= 1000 => $this->number($grams / 1000, 2).' kg',
            abs($grams) < 20 => $this->number($grams, 1).' g',
            default => $this->number($grams, 0).' g',
        };
    }

    public function volume(float $millilitres): string
    {
        if (!$this->us) {
            return abs($millilitres) >= 1000
                ? $this->number($millilitres / 1000, 2).' L'
                : $this->number(5 * round($millilitres / 5), 0).' mL';
        }
        $sign = $millilitres < 0 ? '−' : '';
        $millilitres = abs($millilitres);
        if ($millilitres >= self::CUP / 4 - 5) {
            return $sign.$this->quarters($millilitres / self::CUP).($millilitres > 1.1 * self::CUP ? ' cups' : ' cup');
        }

        return $sign.$this->quarters($millilitres / 14.8).' tbsp';
    }

    /** Of a cooker, to the brim. */
    public function capacity(float $litres, int $decimals = 2): string
    {
        return $this->us ? $this->number($litres / self::QUART, 1).' qt' : $this->number($litres, $decimals).' L';
    }

    public function temperature(float $celsius): string
    {
        return $this->us ? $this->number($celsius * 1.8 + 32, 0).' °F' : $this->number($celsius, 0).' °C';
    }

    /** What was typed, its unit the house's where it has none. */
    public function typedTemperature(string $typed): string
    {
        return $this->us && preg_match('/[\d.,]\s*°?\s*$/u', $typed) ? "$typed F" : $typed;
    }

    public function length(float $centimetres): string
    {
        return $this->us ? $this->quarters($centimetres / 2.54).' in' : $this->number($centimetres, $centimetres < 20 ? 1 : 0).' cm';
    }

    /** "8 h 15", "45 min": to five minutes from an hour on. */
    public function hours(float $hours): string
    {
        $minutes = (int) round($hours * 60);
        if (abs($minutes) < 60) {
            return "$minutes min";
        }
        $minutes = 5 * (int) round($minutes / 5);
        $rest = abs($minutes) % 60;

        return intdiv($minutes, 60).' h'.(0 === $rest ? '' : \sprintf(' %02d', $rest));
    }

    /** "6 h 30 to 11 h". */
    public function span(?float $from, ?float $to): string
    {
        return match (true) {
            null === $from => 'longer than was looked at',
            null === $to => 'from '.$this->hours($from),
            default => $this->hours($from).' to '.$this->hours($to),
        };
    }

    public function number(float $value, int $decimals): string
    {
        $text = number_format(abs($value), $decimals, '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return ($value < 0 && '0' !== $text ? '−' : '').$text;
    }

    /** The time of day, with its weekday where it is not the day of $today. */
    public function clock(\DateTimeImmutable $at, ?\DateTimeImmutable $today = null): string
    {
        $local = $at->setTimezone($this->house->zone());
        $time = $local->format('12' === $this->house->clock ? 'g:i a' : 'H:i');
        $sameDay = null === $today || $today->setTimezone($this->house->zone())->format('Y-m-d') === $local->format('Y-m-d');

        return $sameDay ? $time : $local->format('D').' '.$time;
    }

    public function day(\DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->house->zone())->format('l j F');
    }

    /** Puts a variable into words by what its name ends in. */
    public function variable(string $name, float|int|string $value): string|float|int
    {
        if (\is_string($value)) {
            return $value;
        }
        $value = (float) $value;

        return match (true) {
            1 === preg_match('/(?:^m|M)l$/', $name) => $this->volume($value),
            1 === preg_match('/(?:^g|G)rams$/', $name) => $this->mass($value),
            1 === preg_match('/(?:^k|K)g$/', $name) => $this->mass(1000 * $value),
            1 === preg_match('/(?:^h|H)ours$/', $name) => $this->hours($value),
            1 === preg_match('/(?:^m|M)inutes(?:Out)?$/', $name) => $this->hours($value / 60),
            1 === preg_match('/(?:^c|C)elsius$/', $name) => $this->temperature($value),
            str_ends_with($name, 'Cm') => $this->length($value),
            1 === preg_match('/(?:^p|P)ercent$/', $name) => $this->number($value, abs($value) < 10 ? 2 : 0).' %',
            str_ends_with($name, 'Bytes') => $this->size($value),
            'spoons' === $name => $this->quarters($value),
            default => $value === floor($value) ? (int) $value : round($value, 2),
        };
    }

    /** As people write it: 850 bytes, 640 kB, 2.6 MB. */
    public function size(float $bytes): string
    {
        return match (true) {
            $bytes < 1000 => $this->number($bytes, 0).' bytes',
            $bytes < 1_000_000 => $this->number($bytes / 1000, 0).' kB',
            default => $this->number($bytes / 1_000_000, 1).' MB',
        };
    }

    private function quarters(float $value): string
    {
        $quarters = max(1, (int) round(4 * $value));

        return (0 === intdiv($quarters, 4) ? '' : intdiv($quarters, 4)).self::FRACTIONS[$quarters % 4];
    }
}
