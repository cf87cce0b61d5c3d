<?php

declare(strict_types=1);

namespace Pausis\Core\Heat;

use Pausis\Core\Cooker\Setting;
use Pausis\Core\Heat\Internal\Segment;
use Pausis\Core\Heat\Internal\Timeline;
use Pausis\Core\Tenderness\CollagenRate;
use Pausis\Core\Tenderness\Doneness;

/**
 * Heats one pot and the meat in it, and counts the meat's dose at the core.
 *
 * Pot, well mixed:   C·dT/dt = P − UA·(T − T_room) − h_fg·ṁ(T) − q
 * Meat, from r = 0 (core) to a (surface), cross-section A(r) = E·(V/a)·(r/a)^(E−1):
 *                    ρ·c·A·∂θ/∂t = ∂/∂r (k·A·∂θ/∂r),  zero flux at 0,  q = G·(T − θ_surface) at a
 *
 * T, θ in °C; C in J/K; P, q in W; UA, G in W/K; ṁ in kg/s. Where the meat lies it may be cooler than the pot by a share ζ
 * of what the pot is warmer than the room: it then meets T − ζ·(T − T_room).
 *
 * Finite volumes in space; in time two stages of an implicit–explicit Runge–Kutta method, ARS(2,2,2) (Ascher, Ruuth and
 * Spiteri 1997): second order and stable for any step, heat implicit, steam explicit. Both stages have the same tridiagonal
 * matrix, constant within a segment, so it is factored once; the pot is its last row. Past the boil a stage's excess leaves
 * as steam. Water lost as steam is replaced in C by what the meat gives off (docs/model.md §2 says what that costs).
 */
final readonly class Simulation
{
    public const LATENT_HEAT = 2.257e6;     // J/kg
    public const INSERT_HEAT = 880.0;       // J/kg·K
    public const SAFE_CELSIUS = 60.0;
    private const TRACE_SECONDS = 300.0;
    /** Kilograms a second past a closed lid at the boil, per m². */
    public const LEAK = 0.030 / 3600 / 0.0463;
    public const LEAK_KELVIN = 18.0;
    private const WARM_CELSIUS = 72.0;
    private const WARM_GAIN = 60.0;         // W/K
    private const SHARE_OF_BOIL_ESCAPING = 0.6;
    /** Once the core is safe all changes take hours, and the step may be this many times longer. */
    private const SLOW_PHASE_STEPS = 5.0;
    /** γ and δ of the method. */
    private const STAGE = 1 - 1 / \M_SQRT2;
    private const FIRST_SHARE = 1 - 1 / (2 * self::STAGE);
    /** What the second stage goes on with of the first one's change, and of the steam of its time. */
    private const ON = (1 - self::STAGE) / self::STAGE;
    private const LATER = (1 - self::FIRST_SHARE) / self::STAGE;

    /**
     * @param int   $shells  layers in the meat
     * @param float $maxStep seconds
     */
    public function __construct(private int $shells = 16, private float $maxStep = 180.0)
    {
    }

    /**
     * @param float       $horizon hours; the run ends earlier once the meat is past its best, unless traced
     * @param bool        $traced  whether to keep a row every five minutes
     * @param list<float> $watched seconds at which to take a sample
     */
    public function run(Setup $setup, Deviation $deviation, float $horizon, bool $traced = false, array $watched = []): Course
    {
        $cooker = $setup->cooker;
        $room = $setup->room->temperature->celsius;
        $boil = $setup->room->boilingPoint()->celsius;
        $area = $cooker->insideArea();
        $loss = $cooker->lossCoefficient() * $deviation->loss;
        $shift = $deviation->startKelvin;
        $joint = $setup->joint;
        $piece = $joint->piece->withHalfThickness($joint->piece->a * $deviation->thickness);
        $n = $this->shells;
        $shells = Shells::of($piece, $joint->count, $n, $deviation->conduction);
        $cool = $deviation->zone;
        [$heat, $between, $surface] = [$shells->heat, $shells->between, $shells->surface];

        $capacity = $cooker->insertMass()->kilograms * self::INSERT_HEAT;
        $enthalpy = $capacity * $setup->insert->celsius;
        foreach ($setup->contents as $content) {
            $capacity += $content->heatCapacity();
            $enthalpy += $content->heatCapacity() * ($content->temperature->celsius + $shift);
        }
        $pot = min($boil, $enthalpy / $capacity);
        $meatStart = $joint->start->celsius + $shift;
        $theta = array_fill(0, $n, $meatStart);
        $core = $meatStart;

        $need = $joint->needHours * $deviation->need;
        $levels = [];
        foreach (Doneness::cases() as $level) {
            $levels[] = $need * $joint->cut->level($level);
        }
        $reached = [\INF, \INF, \INF, \INF];
        $next = 0;
        $safeCore = $joint->cut->safeCore->celsius;
        $pot60 = $pot >= self::SAFE_CELSIUS ? 0.0 : \INF;
        $core60 = $core >= self::SAFE_CELSIUS ? 0.0 : \INF;
        $coreSafe = $core >= $safeCore ? 0.0 : \INF;

        $decade = \M_LN10 / CollagenRate::DECADE;
        $rate = exp(($core - CollagenRate::REFERENCE_CELSIUS) * $decade);
        $dose = $evaporated = $time = 0.0;
        $in = $lost = $steam = 0.0;
        $potStart = $capacity * $pot;
        $seen = [];
        $trace = $traced ? [[0.0, $pot, $core, 0.0, 0.0]] : [];
        $nextTrace = self::TRACE_SECONDS;
        $leakScale = self::LEAK * $area;
        $ambientVapour = 0.5 * self::saturationPressure($room);

        foreach (Timeline::ofSetup($setup, $horizon * 3600, $watched) as $segment) {
            foreach (array_keys($watched, $segment->from, true) as $k) {
                $seen[$k] = new Sample($pot, $core, $dose);
            }
            foreach ($segment->added as $content) {
                $mixed = $capacity + $content->heatCapacity();
                $potStart += $content->heatCapacity() * ($content->temperature->celsius + $shift);
                $pot = ($capacity * $pot + $content->heatCapacity() * ($content->temperature->celsius + $shift)) / $mixed;
                $capacity = $mixed;
            }
            if ($segment->lidLifted) {
                $puff = 25000 * ($area / 0.0463) * max(0.0, $pot - $room) / 70;
                $pot -= $puff / $capacity;
                $steam += $puff;
            }
            $longest = $this->maxStep * ($coreSafe < \INF && !$segment->lidOpen ? self::SLOW_PHASE_STEPS : 1.0);
            $longest = $traced ? min($longest, self::TRACE_SECONDS) : $longest;
            $steps = (int) max(1, ceil(($segment->to - $segment->from) / $longest - 1e-9));
            $dt = ($segment->to - $segment->from) / $steps;

            $stage = self::STAGE * $dt;
            $alpha = $fromOld = $fromInner = [];
            for ($i = 0; $i < $n; ++$i) {
                $inner = $i > 0 ? $between[$i - 1] : 0.0;
                $outer = $i < $n - 1 ? $between[$i] : $surface;
                $diagonal = $heat[$i] / $stage + $outer + ($i > 0 ? $inner * (1 - $alpha[$i - 1]) : 0.0);
                $alpha[$i] = $outer / $diagonal;
                $fromOld[$i] = $heat[$i] / $stage / $diagonal;
                $fromInner[$i] = $inner / $diagonal;
            }
            $power = $cooker->heatAt($segment->setting)->watts * $deviation->heatOn($segment->setting);
            $warm = Setting::Warm === $segment->setting && !$segment->powerCut;
            $most = $segment->powerCut ? 0.0 : $power;
            $storage = $capacity / $stage;
            $meets = $surface * (1 - $alpha[$n - 1]);
            $base = $storage + $loss + $meets * (1 - $cool);
            $toRoom = ($loss - $meets * $cool) * $room;
            $beta = array_fill(0, $n, 0.0);

            for ($step = 0; $step < $steps; ++$step) {
                $before = $pot;
                $start = $theta;
                $escapingFirst = 0.0;
                for ($half = 0; $half < 2; ++$half) {
                    if ($segment->lidOpen) {
                        $vapour = $area * 8 * 16.6 * (self::saturationPressure($pot) - $ambientVapour);
                        $gone = max(0.0, $vapour) / self::LATENT_HEAT;
                        $escaping = $area * 14 * ($pot - $room) + $vapour;
                    } else {
                        $gone = $leakScale * exp(($pot - $boil) / self::LEAK_KELVIN);
                        $escaping = $gone * self::LATENT_HEAT;
                    }
                    $watts = $most;
                    $gain = 0.0;
                    if ($warm) {
                        $wanted = $loss * (self::WARM_CELSIUS - $room) + self::WARM_GAIN * (self::WARM_CELSIUS - $pot);
                        if ($wanted <= 0) {
                            $watts = 0.0;
                        } elseif ($wanted < $most) {
                            $gain = self::WARM_GAIN;
                            $watts = $wanted + $gain * $pot;
                        }
                    }
                    if (0 === $half) {
                        $weight = (1 - self::STAGE) * $dt;
                        $away = $escaping;
                        $old = $pot;
                        $steam += self::FIRST_SHARE * $escaping * $dt;
                        $evaporated += self::FIRST_SHARE * $gone * $dt * 1000;
                        $escapingFirst = $escaping;
                    } else {
                        $weight = $stage;
                        $away = self::LATER * $escaping - (self::LATER - 1) * $escapingFirst;
                        $old = $before + self::ON * ($pot - $before);
                        $steam += (1 - self::FIRST_SHARE) * $escaping * $dt;
                        $evaporated += (1 - self::FIRST_SHARE) * $gone * $dt * 1000;
                        for ($i = 0; $i < $n; ++$i) {
                            $theta[$i] = $start[$i] + self::ON * ($theta[$i] - $start[$i]);
                        }
                    }
                    $previous = 0.0;
                    for ($i = 0; $i < $n; ++$i) {
                        $previous = $beta[$i] = $fromOld[$i] * $theta[$i] + $fromInner[$i] * $previous;
                    }
                    $pot = ($storage * $old + $watts + $toRoom - $away + $surface * $previous) / ($base + $gain);
                    if ($pot > $boil) {
                        $excess = ($pot - $boil) * ($base + $gain);
                        $pot = $boil;
                        $steam += $excess * $weight;
                        $evaporated += self::SHARE_OF_BOIL_ESCAPING * $excess / self::LATENT_HEAT * $weight * 1000;
                    }
                    $outer = $pot - $cool * ($pot - $room);
                    for ($i = $n - 1; $i >= 0; --$i) {
                        $outer = $theta[$i] = $alpha[$i] * $outer + $beta[$i];
                    }
                    $in += ($watts - $gain * $pot) * $weight;
                    $lost += $loss * ($pot - $room) * $weight;
                }

                $coreBefore = $core;
                $core = $theta[0] - ($theta[1] - $theta[0]) * 0.125;
                $rateBefore = $rate;
                $rate = exp(($core - CollagenRate::REFERENCE_CELSIUS) * $decade);
                $doseBefore = $dose;
                $dose += ($rateBefore + $rate) * $dt / 7200;

                if (\INF === $pot60 && $pot >= self::SAFE_CELSIUS) {
                    $pot60 = ($time + $dt * (self::SAFE_CELSIUS - $before) / ($pot - $before)) / 3600;
                }
                if (\INF === $coreSafe) {
                    if (\INF === $core60 && $core >= self::SAFE_CELSIUS) {
                        $core60 = ($time + $dt * (self::SAFE_CELSIUS - $coreBefore) / ($core - $coreBefore)) / 3600;
                    }
                    if ($core >= $safeCore) {
                        $coreSafe = ($time + $dt * ($safeCore - $coreBefore) / ($core - $coreBefore)) / 3600;
                    }
                }
                while ($next < 4 && $dose >= $levels[$next]) {
                    $at = ($time + $dt * ($levels[$next] - $doseBefore) / ($dose - $doseBefore)) / 3600;
                    $reached[$next++] = $at;
                }
                $time += $dt;
                if ($traced && $time >= $nextTrace - 1e-6) {
                    $trace[] = [$time / 3600, $pot, $core, $dose, $evaporated];
                    $nextTrace += self::TRACE_SECONDS;
                }
            }
            if (4 === $next && !$traced && \count($seen) === \count($watched)) {
                break;
            }
        }

        for ($k = \count($watched) - 1; $k >= 0; --$k) {
            $seen[$k] ??= new Sample($pot, $core, $dose);
        }
        ksort($seen);

        $meat = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            $meat += $heat[$i] * ($theta[$i] - $meatStart);
        }

        return new Course($pot60, $core60, $coreSafe, array_map(static fn (float $at): float => max($at, $coreSafe), $reached),
            $dose, $pot, $core, $evaporated, $trace, array_values($seen), new EnergyAccount(
                $in, $lost, $steam, $capacity * $pot - $potStart, $meat,
            ));
    }

    /** Saturation pressure of water in kPa, Tetens' equation; good to 1 % from 0 to 100 °C. */
    private static function saturationPressure(float $celsius): float
    {
        return 0.61078 * exp(17.27 * $celsius / ($celsius + 237.3));
    }
}
