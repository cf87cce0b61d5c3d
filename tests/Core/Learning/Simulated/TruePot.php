<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Learning\Simulated;

/**
 * One cook as it goes in truth: the equations of the design written down once more, explicit steps, nothing of core/.
 *
 * SI, hours where said so.
 */
final class TruePot
{
    private const CELLS = 10;
    private const LONGEST_HOURS = 36.0;
    private const ROOM = 20.0;

    /** @var list<float> dose after each minute */
    public array $doses = [];
    /** @var list<float> °C of the liquid after each minute */
    public array $liquid = [];
    public float $core60 = \INF;

    /** @param list<float> $looks hours at which the lid is up for two minutes */
    public function __construct(private readonly Dish $dish, private readonly Truth $truth, bool $low, array $looks = [])
    {
        [$p, $q, $r] = $dish->form;
        $volume = $dish->kilograms / 1050;
        $half = ($volume / $dish->pieces / (8 * $p * $q * $r)) ** (1 / 3) * $p;
        // Thicker or thinner of the same volume: the other sides keep their proportion to each other.
        $a = $half * $truth->thick;
        $b = sqrt($volume / $dish->pieces / (8 * $a) * $q / $r);
        $c = $b * $r / $q;
        $order = 1 + ($a / $b) ** 2 + ($a / $c) ** 2;
        $n = self::CELLS;
        $k = 0.46 * $truth->conducts;
        $edge = static fn (int $i): float => ($i / $n) ** ($order - 1) * $order * $volume / $a;
        $store = $pass = [];
        for ($i = 0; $i < $n; ++$i) {
            $store[] = 1050 * 3450 * $volume * ((($i + 1) / $n) ** $order - ($i / $n) ** $order);
            $pass[] = $i < $n - 1 ? $k * $edge($i + 1) / ($a / $n) : $edge($n) / ($a / $n / 2 / $k + 1 / 250);
        }
        $this->cook($low, $looks, $store, $pass);
    }

    /**
     * @param list<float> $looks
     * @param list<float> $store J/K
     * @param list<float> $pass  W/K
     */
    private function cook(bool $low, array $looks, array $store, array $pass): void
    {
        [$dish, $truth, $n] = [$this->dish, $this->truth, self::CELLS];
        $insert = (0.75 + 0.40 * $dish->litres) * 880;
        [$stock, $greens] = [$dish->stock * 4050, $dish->vegetables * 3900];
        $capacity = $insert + $stock + $greens;
        $pot = ($insert * 20 + $stock * (20 + $truth->start) + $greens * (15 + $truth->start)) / $capacity;
        $meat = array_fill(0, $n, 5 + $truth->start);
        $area = 0.0145 * $dish->litres ** (2 / 3);
        $watts = 0.70 * $dish->watts * $truth->heat * ($low ? $truth->low : 1.0);
        $loss = 0.68 * 0.70 * $dish->watts / 79.8 * $truth->loss;
        $fastest = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            $fastest = max($fastest, ($pass[$i] + ($i > 0 ? $pass[$i - 1] : 0.0)) / $store[$i]);
        }
        $perMinute = (int) ceil(60 * $fastest / 0.95);
        $dt = 60 / $perMinute;
        $dose = 0.0;
        $enough = $dish->need * $truth->need * 2.7;
        $opened = array_map(static fn (float $h): int => (int) round(60 * $h), $looks);
        for ($minute = 0; $minute < 60 * self::LONGEST_HOURS && $dose < $enough; ++$minute) {
            $isOpen = \in_array($minute, $opened, true) || \in_array($minute - 1, $opened, true);
            if (\in_array($minute, $opened, true)) {
                $pot -= 25000 * $area / 0.0463 * ($pot - self::ROOM) / 70 / $capacity;
            }
            for ($s = 0; $s < $perMinute; ++$s) {
                $steam = $isOpen
                    ? $area * (14 * ($pot - self::ROOM) + 132.8 * (self::vapour($pot) - 0.5 * self::vapour(self::ROOM)))
                    : 30 / 3.6e6 * $area / 0.0463 * exp(($pot - 100 + 0.6667) / 18) * 2.257e6;
                $cool = $truth->cool * ($pot - self::ROOM) / 75;
                $flow = $pass[$n - 1] * ($pot - $cool - $meat[$n - 1]);
                $pot = min(100 - 0.6667, $pot + $dt / $capacity * ($watts - $loss * ($pot - self::ROOM) - $steam - $flow));
                for ($i = $n - 1; $i >= 0; --$i) {
                    $inwards = $i > 0 ? $pass[$i - 1] * ($meat[$i] - $meat[$i - 1]) : 0.0;
                    $meat[$i] += $dt / $store[$i] * ($flow - $inwards);
                    $flow = $inwards;
                }
            }
            $core = $meat[0] - ($meat[1] - $meat[0]) / 8;
            $dose += 10 ** (($core - 90) / $truth->decade) / 60;
            $this->doses[] = $dose;
            $this->liquid[] = $pot;
            $this->core60 = min($this->core60, $core >= 60 ? ($minute + 1) / 60 : \INF);
        }
    }

    private static function vapour(float $celsius): float
    {
        return 0.61078 * exp(17.27 * $celsius / ($celsius + 237.3));
    }

    /** Hours after switching on at which it has so many times its need. */
    public function hoursTo(float $share): float
    {
        $need = $share * $this->dish->need * $this->truth->need;
        foreach ($this->doses as $minute => $dose) {
            if ($dose >= $need) {
                return ($minute + 1) / 60;
            }
        }

        return \INF;
    }

    /** Of its need, at an hour. */
    public function shareAt(float $hour): float
    {
        $minute = max(0, min(\count($this->doses) - 1, (int) round(60 * $hour) - 1));

        return ($this->doses[$minute] ?? 0.0) / ($this->dish->need * $this->truth->need);
    }

    public function liquidAt(float $hour): float
    {
        return $this->liquid[max(0, min(\count($this->liquid) - 1, (int) round(60 * $hour) - 1))];
    }
}
