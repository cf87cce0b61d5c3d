<?php

declare(strict_types=1);

namespace Pausis\Core\Adaptation\Explain;

use Pausis\Core\Adaptation\Evaluate\Outcome;
use Pausis\Core\Explain\Term;
use Pausis\Core\Liquid\MeatJuice;

/**
 * How the best guess of a pot stands in the course of its hours. What meat and vegetables give off comes as the meat's middle warms, up to
 * what the sauce is reckoned with; what evaporates goes as the heating model has it.
 */
final readonly class PotInTime
{
    private const JUICE_CELSIUS = 90.0;

    /**
     * @param float $hour  after switching on
     * @param float $pot   °C of the liquid
     * @param float $core  °C in the middle of the meat
     * @param float $level height of the liquid, m
     */
    private function __construct(public float $hour, public float $pot, public float $core, public float $level)
    {
    }

    /** @return list<self> a row for every so many of the heating model's */
    public static function of(Outcome $outcome, int $stride): array
    {
        $sauce = $outcome->sauce;
        [$course, $geometry] = [$outcome->best->trace, $outcome->filling->geometry];
        $evaporated = -array_sum(array_map(
            static fn (Term $t): float => 'evaporated-lid-on' === $t->code ? $t->value : 0.0, $sauce->atEnd->terms,
        ));
        $given = $sauce->atEnd->total - $sauce->load + $evaporated;
        $most = MeatJuice::share(self::JUICE_CELSIUS, 0.0);
        $rows = [];
        $above = $hours = 0.0;
        foreach ($course as $k => [$hour, $pot, $core, , $gone]) {
            $above += $core > self::JUICE_CELSIUS ? $hour - $hours : 0.0;
            $hours = $hour;
            if (0 === $k % $stride) {
                $share = min(1.0, MeatJuice::share($core, $above) / $most);
                $rows[] = new self($hour, $pot, $core, $geometry->level(max(0.0, $sauce->load + $share * $given - $gone)));
            }
        }

        return $rows;
    }
}
