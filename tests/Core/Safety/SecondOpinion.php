<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Safety;

/**
 * The rules of the cooking model's section 7 read a second time, with a pot of its own: every meat conducts by itself from the same
 * water, in explicit steps. Nothing of core is used but the numbers that a case was made of.
 *
 * @phpstan-type MeatInPot array{kg: float, pieces: int, a: float, e: float, celsius: float, poultry: bool}
 */
final readonly class SecondOpinion
{
    private const SHELLS = 8;
    private const STEP = 5.0;
    private const CONDUCTS = 0.46;
    private const DENSITY = 1050.0;
    private const HEAT = 3450.0;
    private const SURFACE = 250.0;

    /**
     * @param list<MeatInPot> $meats     a: half the thickness, m; e: dimensionality
     * @param float           $litres    of the cooker
     * @param float           $watts     rated
     * @param float           $otherHeat J/K of all else
     * @param float           $startHeat J of it over 0 °C
     * @param float           $room      °C
     * @param float           $altitude  m
     */
    public function __construct(
        private array $meats, private float $litres, private float $watts, private float $otherHeat, private float $startHeat,
        private float $room, private float $altitude,
    ) {
    }

    /**
     * Hours from switching on until water and the coldest middle are past 60 °C, and until all poultry is past 74; INF within nine hours if
     * never.
     *
     * @param list<array{float, float}> $program hours and share of High's heat
     * @param float                     $heat    of the cooker over what it is thought to give
     *
     * @return array{float, float}
     */
    public function warmed(array $program, float $heat = 1.0, float $thicker = 1.0): array
    {
        $loss = 0.68 * 0.70 * $this->watts / 77;
        $insert = (0.75 + 0.40 * $this->litres) * 880;
        $capacity = $this->otherHeat + $insert;
        $boil = 100 - $this->altitude / 300;
        $pot = min($boil, ($this->startHeat + $insert * 20.0) / $capacity);
        $area = 0.0145 * $this->litres ** (2 / 3);
        $shells = array_map(static fn (array $m): array => array_fill(0, self::SHELLS, $m['celsius']), $this->meats);
        $all60 = $safe = \INF;
        for ($t = 0.0; $t < 9 * 3600 && (\INF === $all60 || \INF === $safe); $t += self::STEP) {
            $share = 0.0;
            foreach ($program as [$from, $of]) {
                $share = $t >= 3600 * $from ? $of : $share;
            }
            $leak = 0.018 / 3600 / 0.0463 * $area * exp(($pot - $boil) / 18) * 2.257e6;
            $taken = 0.0;
            foreach ($this->meats as $k => $meat) {
                [$shells[$k], $flux] = self::conducted($shells[$k], $meat, $pot, $thicker);
                $taken += $flux;
            }
            $gained = 0.70 * $this->watts * $heat * $share - $loss * ($pot - $this->room) - $leak - $taken;
            $pot = min($boil, $pot + self::STEP * $gained / $capacity);
            $coldest = min([$pot, ...array_map(static fn (array $s): float => $s[0], $shells)]);
            $all60 = \INF === $all60 && $coldest >= 60 ? $t / 3600 : $all60;
            $birds = array_filter($shells, fn (int $k): bool => $this->meats[$k]['poultry'], \ARRAY_FILTER_USE_KEY);
            $safe = \INF === $safe && \INF !== $all60 && min([100.0, ...array_map(static fn (array $s): float => $s[0], $birds)]) >= 74
                ? $t / 3600
                : $safe;
        }

        return [$all60, $safe];
    }

    /**
     * @param list<float> $theta °C from the middle outwards
     * @param MeatInPot   $meat
     *
     * @return array{list<float>, float} and the watts it takes
     */
    private static function conducted(array $theta, array $meat, float $pot, float $thicker): array
    {
        $a = $meat['a'] * $thicker;
        $width = $a / self::SHELLS;
        $volume = $meat['kg'] / self::DENSITY;
        $across = static fn (float $r): float => $meat['e'] * $volume / $a * ($r / $a) ** ($meat['e'] - 1);
        $flux = [];
        for ($i = 1; $i < self::SHELLS; ++$i) {
            $flux[$i] = self::CONDUCTS * $across($i * $width) * ($theta[$i] - $theta[$i - 1]) / $width;
        }
        $flux[0] = 0.0;
        $flux[self::SHELLS] = $across($a) / (1 / self::SURFACE + $width / 2 / self::CONDUCTS) * ($pot - $theta[self::SHELLS - 1]);
        foreach ($theta as $i => $was) {
            $mass = self::DENSITY * $volume * ((($i + 1) / self::SHELLS) ** $meat['e'] - ($i / self::SHELLS) ** $meat['e']);
            $theta[$i] = $was + self::STEP * ($flux[$i + 1] - $flux[$i]) / ($mass * self::HEAT);
        }

        return [$theta, $flux[self::SHELLS]];
    }
}
