<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Heat\Deviation;
use Pausis\Core\Heat\Sample;
use Pausis\Core\Tenderness\Doneness;

/**
 * How much narrower a window would be if something were known: what it would be after each of some answers that are as likely,
 * on average.
 */
final readonly class Narrowing
{
    /** Answers that are looked at: the middles of five fifths. */
    private const ANSWERS = [0.1, 0.3, 0.5, 0.7, 0.9];
    /** Hours, and share of the window, from which one is worth naming. */
    private const WORTH_HOURS = 0.5;
    private const WORTH_SHARE = 0.15;

    /**
     * @param float $from hours between the 10th and 90th percentile, as it is
     * @param float $to   with it
     */
    private function __construct(public Aid $by, public float $from, public float $to)
    {
    }

    /**
     * The one that helps most; null where none helps enough to be named.
     *
     * @param Outcome   $run sampled at the moment at which the thermometer would be read
     * @param list<Aid> $at  that are at hand
     */
    public static function most(Outcome $run, Doneness $level, array $at): ?self
    {
        $sorted = $run->inOrder($level);
        $from = $run->width($level, $sorted);
        if (null === $from) {
            return null;
        }
        $best = null;
        foreach ($at as $aid) {
            $to = self::with($run, $level, $aid, $sorted);
            if (null !== $to && $from - $to >= max(self::WORTH_HOURS, self::WORTH_SHARE * $from) && $to < ($best->to ?? \INF)) {
                $best = new self($aid, $from, $to);
            }
        }

        return $best;
    }

    /** Of a window with its looks: narrower in proportion. */
    public function of(Window $shown): ?self
    {
        if (null === $shown->earliest || null === $shown->latest) {
            return null;
        }
        $width = $shown->latest - $shown->earliest;

        return new self($this->by, $width, $width * $this->to / $this->from);
    }

    /** @param list<int> $sorted */
    private static function with(Outcome $run, Doneness $level, Aid $aid, array $sorted): ?float
    {
        $read = self::readings($run, $aid);
        $order = $read;
        asort($order);
        $total = 0.0;
        foreach (self::ANSWERS as $share) {
            $answer = $run->valueBelow($order, $share);
            $logs = [];
            foreach ($read as $value) {
                $logs[] = self::logLikelihood($aid, $answer, $value);
            }
            $width = [] === $logs ? null : $run->given($logs)->width($level, $sorted);
            if (null === $width) {
                return null;
            }
            $total += $width;
        }

        return $total / \count(self::ANSWERS);
    }

    /** @return list<float> what each member would read: °C, or a logarithm */
    private static function readings(Outcome $run, Aid $aid): array
    {
        return match ($aid) {
            Aid::Thermometer => array_map(static fn (Sample $s): float => $s->potCelsius, $run->now),
            Aid::Ruler => array_map(static fn (Deviation $d): float => log($d->thickness), $run->members),
            Aid::Water => array_map(static fn (Deviation $d): float => log($d->heat * $d->low), $run->members),
        };
    }

    private static function logLikelihood(Aid $aid, float $answer, float $member): float
    {
        return match ($aid) {
            Aid::Thermometer => ProbeReading::logDensity($answer - $member),
            Aid::Ruler => -0.5 * (($answer - $member) / Spread::THICKNESS_BY_RULER) ** 2,
            Aid::Water => -0.5 * (($answer - $member) / WaterTest::SIGMA) ** 2,
        };
    }
}
