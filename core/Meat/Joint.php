<?php

declare(strict_types=1);

namespace Pausis\Core\Meat;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Temperature;

/** All the meat of one braise: equal pieces of one cut, weighed without bone. */
final readonly class Joint
{
    /** Bite-size pieces fall apart along more cut ends and need less: times the need. */
    private const BITE_SIZE_NEED = 0.85;
    private const BITE_SIZE_KILOGRAMS = 0.06;
    /** A brick may be measured somewhat thicker than wide before the measurement contradicts the weight. */
    private const THICKER_THAN_WIDE = 1.15;

    private function __construct(
        public Cut $cut,
        public Mass $boneless,
        public int $count,
        public Piece $piece,
        public Temperature $start,
        public float $needHours,
        public bool $measured,
        public float $needSigma,
    ) {
    }

    /**
     * @param float      $kilograms   all pieces together, without bone
     * @param float|null $thicknessCm as measured; null takes the form of the cut
     * @param float|null $needHours   in place of the cut's own
     * @param float|null $needSigma   standard deviation of its logarithm, in place of the cut's own
     */
    public static function tryFrom(
        Cut $cut,
        float $kilograms,
        int $count,
        ?float $thicknessCm,
        float $startCelsius,
        ?float $needHours,
        Problems $problems,
        ?float $needSigma = null,
    ): ?self {
        $before = \count($problems->all());
        $problems->within(Range::meatKilograms(), $kilograms, 'meat.kg');
        $problems->within(Range::pieces(), $count, 'meat.pieces');
        if (is_finite($startCelsius) && $startCelsius < Range::startCelsius()->least) {
            $problems->add('frozen', 'meat.startTemperature', ['celsius' => $startCelsius]);
        } else {
            $problems->within(Range::startCelsius(), $startCelsius, 'meat.startTemperature');
        }
        null === $thicknessCm || $problems->within(Range::thicknessCentimetres(), $thicknessCm, 'meat.thicknessCm');
        null === $needHours || $problems->within(Range::needHours(), $needHours, 'meat.need');
        if (\count($problems->all()) > $before) {
            return null;
        }
        $piece = Piece::ofForm($kilograms / $count / Piece::DENSITY, $cut->form);
        if (null !== $thicknessCm) {
            $thickest = self::thickest($piece);
            if ($thicknessCm > $thickest->inCentimetres()) {
                $problems->add('too-thick-for-weight', 'meat.thicknessCm', [
                    'thicknessCm' => $thicknessCm, 'kg' => $kilograms / $count, 'mostCm' => $thickest->inCentimetres(),
                ]);

                return null;
            }
            $piece = $piece->withHalfThickness($thicknessCm / 200);
        }
        $need = $needHours ?? $cut->needHours * ($kilograms / $count <= self::BITE_SIZE_KILOGRAMS ? self::BITE_SIZE_NEED : 1.0);

        return new self($cut, Mass::kilograms($kilograms), $count, $piece->shieldedByBone($cut->boneSide),
            Temperature::celsius($startCelsius), $need, null !== $thicknessCm, $needSigma ?? $cut->needSigma);
    }

    /** The thickness at which a piece of this volume and b:c proportion would be as thick as it is wide, and a little more. */
    private static function thickest(Piece $piece): Length
    {
        $cube = ($piece->volume() / 8 * $piece->b / $piece->c) ** (1 / 3);

        return Length::metres(2 * $cube * self::THICKER_THAN_WIDE);
    }

    /**
     * The same meat with another need, in hours at 90 °C.
     *
     * @param float|null $sigma standard deviation of its logarithm; null keeps it
     */
    public function needing(float $hours, ?float $sigma = null): self
    {
        return new self(
            $this->cut, $this->boneless, $this->count, $this->piece, $this->start, $hours, $this->measured, $sigma ?? $this->needSigma,
        );
    }

    /** Each piece cut into so many, across its longest side again and again. */
    public function cutInto(int $parts): self
    {
        $sides = [$this->piece->a, $this->piece->b, $this->piece->c];
        for ($left = $parts; $left > 1; $left = intdiv($left, 2)) {
            sort($sides);
            $sides[2] /= 2;
        }
        sort($sides);

        return new self(
            $this->cut, $this->boneless, $this->count * $parts, Piece::ofSides(...$sides), $this->start, $this->needHours, $this->measured,
            $this->needSigma,
        );
    }

    /** With so much less of it: fewer pieces where there are several, a shorter one where there is one. */
    public function without(Mass $taken): self
    {
        $left = max(0.05, $this->boneless->kilograms - $taken->kilograms);
        $share = $left / $this->boneless->kilograms;
        $count = (int) max(1, round($share * $this->count));
        $piece = Piece::ofSides($this->piece->a, $this->piece->b, $this->piece->c * $share * $this->count / $count);

        return new self(
            $this->cut, Mass::kilograms($left), $count, $piece, $this->start, $this->needHours, $this->measured, $this->needSigma,
        );
    }

    /** The same cut with so much of it left. */
    public function weighing(Mass $boneless): self
    {
        return $this->without(Mass::kilograms(max(0.0, $this->boneless->kilograms - $boneless->kilograms)));
    }

    public function thickness(): Length
    {
        return Length::metres(2 * $this->piece->a / $this->cut->boneSide);
    }

    public function lean(): Mass
    {
        return $this->boneless->times(1 - $this->cut->fat);
    }

    public function fat(): Mass
    {
        return $this->boneless->times($this->cut->fat);
    }
}
