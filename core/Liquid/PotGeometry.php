<?php

declare(strict_types=1);

namespace Pausis\Core\Liquid;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Explain\Sum;
use Pausis\Core\Explain\Term;
use Pausis\Core\Meat\Joint;
use Pausis\Core\Meat\Meats;
use Pausis\Core\Meat\Piece;

/**
 * How a loaded insert stands: vegetables at the bottom and in the gaps beside the meat with 40 % voids, the pieces of
 * meat on them in as few layers as their footprint allows, liquid between. Lengths in metres, volumes in m³.
 */
final readonly class PotGeometry
{
    private const MOST_STEPS = 60;
    /** A level is told in tenths of a centimetre. */
    private const EXACT_METRES = 1e-7;
    private const EXACT_MILLILITRES = 1e-4;
    private const VOIDS = 0.40;
    /** Share of the inside area that bricks of meat can cover. */
    private const COVERABLE = 0.85;
    private const VEGETABLE_DENSITY = 1030.0;    // kg/m³ of the flesh itself
    /** A raw joint can be pressed into a space this much smaller than its measure. */
    private const YIELDING = 1.08;

    /** Share of the vegetables that may lie beside the meat rather than under it. */
    private const MOST_BESIDE = 0.5;

    public float $vegetableHeight;
    public float $meatHeight;
    public int $layers;
    private float $area;
    /** m³ of vegetable flesh under the meat, and beside it. */
    private float $beneath;
    private float $beside;

    /** @param float $vegetableKilograms all that lies with the meat: vegetables, pulses, fruit */
    public function __construct(
        private Cooker $cooker, private Meats $meats, float $vegetableKilograms, private LayerOrder $order = LayerOrder::RootsUnder,
    ) {
        $this->area = $cooker->insideArea();
        $this->layers = $this->layersOf($meats->first);
        $this->meatHeight = max(
            $this->meatVolume() / ($this->area * self::COVERABLE),
            array_sum(array_map(fn (Joint $j): float => $this->shareOfLayers($j) * 2 * $j->piece->a, $meats->all())),
            ...array_map(fn (Joint $j): float => $this->layersOf($j) * 2 * $j->piece->a, $meats->all()),
        );
        $flesh = $vegetableKilograms / self::VEGETABLE_DENSITY;
        $gap = max(0.0, $this->area * $this->meatHeight - $this->meatVolume()) * (1 - self::VOIDS);
        $this->beside = min(self::MOST_BESIDE * $flesh, $gap);
        $this->beneath = $flesh - $this->beside;
        $this->vegetableHeight = $this->beneath / (1 - self::VOIDS) / $this->area;
    }

    private function layersOf(Joint $joint): int
    {
        return (int) ceil($joint->count / max(1, (int) floor($this->area * self::COVERABLE / $joint->piece->footprint())));
    }

    /** Layers that its pieces would fill, where others lie in what is left of the last. */
    private function shareOfLayers(Joint $joint): float
    {
        return $joint->count * $joint->piece->footprint() / ($this->area * self::COVERABLE);
    }

    /** Whether each piece fits the inside lying flat. */
    public function fits(): bool
    {
        return null === $this->tooLarge();
    }

    /** The first meat whose pieces don't. */
    public function tooLarge(): ?Joint
    {
        foreach ($this->meats->all() as $joint) {
            if (!$this->takes($joint->piece)) {
                return $joint;
            }
        }

        return null;
    }

    private function takes(Piece $piece): bool
    {
        return 2 * $piece->c <= $this->cooker->insideLength()->metres * self::YIELDING
            && 2 * $piece->b <= $this->cooker->insideWidth()->metres * self::YIELDING
            && 2 * $piece->a <= $this->cooker->depth()->metres;
    }

    public function stackHeight(): float
    {
        return $this->vegetableHeight + $this->meatHeight;
    }

    /** Millilitres of liquid that bring the level to this height. */
    public function millilitresTo(float $height): float
    {
        return max(0.0, $this->area * $height - $this->solidsBelow($height)) * 1e6;
    }

    /** Height the liquid stands at. */
    public function level(float $millilitres): float
    {
        // A false position that halves the weight of an end that stays (Illinois): the millilitres rise with the height.
        [$low, $high] = [0.0, 10 * $this->cooker->depth()->metres];
        $under = $this->millilitresTo($low) - $millilitres;
        $over = $this->millilitresTo($high) - $millilitres;
        if ($under >= 0) {
            return 0.0;
        }
        for ($i = 0, $side = 0; $i < self::MOST_STEPS && $high - $low > self::EXACT_METRES; ++$i) {
            $height = $high - $over * ($high - $low) / ($over - $under);
            $off = $this->millilitresTo($height) - $millilitres;
            if (abs($off) < self::EXACT_MILLILITRES) {
                return $height;
            }
            if ($off > 0) {
                [$high, $over, $under] = [$height, $off, 1 === $side ? $under / 2 : $under];
                $side = 1;
            } else {
                [$low, $under, $over] = [$height, $off, -1 === $side ? $over / 2 : $over];
                $side = -1;
            }
        }

        return $high;
    }

    /** Millilitres that stand so high, m, between the vegetables, the meat lifted out. */
    public function millilitresWithoutMeat(float $height): float
    {
        $flesh = min($this->beneath + $this->beside, (1 - self::VOIDS) * $this->area * $height);

        return 1e6 * max(0.0, $this->area * $height - $flesh);
    }

    /** Height at which so much stands with the meat lifted out, m. */
    public function levelWithoutMeat(float $millilitres): float
    {
        $flesh = $this->beneath + $this->beside;
        $volume = $millilitres / 1e6;

        return min($volume / self::VOIDS, $volume + $flesh) / $this->area;
    }

    /** How high so much stands by itself, m. */
    public function heightOf(float $millilitres): float
    {
        return $millilitres / 1e6 / $this->area;
    }

    /** What fills the insert up to the liquid's level, mL: the liquid, and the solids below it. */
    public function belowLevel(float $millilitres): Sum
    {
        $level = $this->level($millilitres);
        $meat = $this->meatVolume() * $this->shareOfMeatBelow($level) * 1e6;

        return new Sum('below-the-level', 'mL', [
            new Term('liquid-between', $millilitres),
            new Term(
                'meat-below', $meat, ['kg' => $this->meats->boneless()->kilograms, 'sharePercent' => 100 * $this->shareOfMeatBelow($level)],
            ),
            new Term('vegetables-below', $this->solidsBelow($level) * 1e6 - $meat),
        ]);
    }

    /** Height of all that is in it over the insert's depth. */
    public function fill(float $millilitres): float
    {
        return max($this->stackHeight(), $this->level($millilitres)) / $this->cooker->depth()->metres;
    }

    /** Share of the stack's height that stands in the liquid; of the meat's where it lies lowest. */
    public function shareCovered(float $millilitres): float
    {
        return min(1.0, $this->level($millilitres) / (LayerOrder::MeatUnder === $this->order ? $this->meatHeight : $this->stackHeight()));
    }

    /** Millilitres that the school asks for at least. */
    public function least(LevelSchool $school): float
    {
        return LevelSchool::OwnJuices === $school
            ? max(120.0, 0.02 * $this->cooker->capacity->inMillilitres())
            : $this->millilitresTo($school->shareOfHeight() * $this->stackHeight());
    }

    private function meatVolume(): float
    {
        return $this->meats->boneless()->kilograms / Piece::DENSITY;
    }

    private function solidsBelow(float $height): float
    {
        $from = LayerOrder::MeatUnder === $this->order ? $this->meatHeight : 0.0;
        $inVegetables = $this->vegetableHeight > 0 ? min(1.0, max(0.0, $height - $from) / $this->vegetableHeight) : 0.0;

        return $this->beneath * $inVegetables + ($this->beside + $this->meatVolume()) * $this->shareOfMeatBelow($height);
    }

    private function shareOfMeatBelow(float $height): float
    {
        $from = LayerOrder::MeatUnder === $this->order ? 0.0 : $this->vegetableHeight;

        return min(1.0, max(0.0, $height - $from) / $this->meatHeight);
    }
}
