<?php

declare(strict_types=1);

namespace Pausis\Core\Cooker;

use Pausis\Core\Problem\Problems;
use Pausis\Core\Problem\Range;
use Pausis\Core\Quantity\Duration;
use Pausis\Core\Quantity\Length;
use Pausis\Core\Quantity\Mass;
use Pausis\Core\Quantity\Power;
use Pausis\Core\Quantity\Volume;

/**
 * An electric slow cooker, as far as heat and room are concerned.
 *
 * All constants are engineering estimates, described with their sources in docs/model.md §1.
 */
final readonly class Cooker
{
    private const SHARE_OF_RATED_POWER_REACHING_INSERT = 0.70;
    /** K above the room at which Low's heat and the loss through the wall would balance, were there no steam. */
    private const LOW_EQUILIBRIUM_RISE = 79.8;

    /** Standard deviation of the logarithm of the heat factor of a cooker that nothing is known of. */
    public const HEAT_SIGMA = 0.08;

    /**
     * @param float $heatFactor heat delivered over heat expected of its rated watts; 1 when unknown
     * @param float $heatSigma  standard deviation of its logarithm
     * @param float $lossFactor heat lost to the room over what is expected; 1 when unknown
     * @param float $lowFactor  Low's heat beside High's over what is expected; 1 when unknown
     */
    public function __construct(
        public Volume $capacity,
        public Shape $shape = Shape::Oval,
        public ?Power $rated = null,
        public float $heatFactor = 1.0,
        public ?Duration $autoWarmAfter = null,
        public float $heatSigma = self::HEAT_SIGMA,
        public bool $hasMedium = false,
        public float $lossFactor = 1.0,
        public float $lowFactor = 1.0,
    ) {
    }

    /** Collects into $problems and answers null where a value is out of its physical range. */
    public static function tryFrom(
        float $capacityLitres,
        Shape $shape,
        ?float $ratedWatts,
        float $heatFactor,
        ?float $autoWarmHours,
        Problems $problems,
        string $path = 'cooker',
    ): ?self {
        $fits = $problems->within(Range::capacityLitres(), $capacityLitres, "$path.capacityLitres");
        $fits = (null === $ratedWatts || $problems->within(Range::watts(), $ratedWatts, "$path.ratedWatts")) && $fits;
        $fits = $problems->within(Range::heatFactor(), $heatFactor, "$path.heatFactor") && $fits;
        $fits = (null === $autoWarmHours || $problems->within(Range::horizonHours(), $autoWarmHours, "$path.autoWarmHours")) && $fits;

        return $fits ? new self(
            Volume::litres($capacityLitres),
            $shape,
            null === $ratedWatts ? null : Power::watts($ratedWatts),
            $heatFactor,
            null === $autoWarmHours ? null : Duration::hours($autoWarmHours),
        ) : null;
    }

    /** The same, where more is known of its heat and its loss. */
    public function knowing(float $heatFactor, float $heatSigma, float $lossFactor, float $lowFactor): self
    {
        return new self(
            $this->capacity, $this->shape, $this->rated, $heatFactor, $this->autoWarmAfter, $heatSigma, $this->hasMedium, $lossFactor,
            $lowFactor,
        );
    }

    public function ratedPower(): Power
    {
        return $this->rated ?? Power::watts(85 * $this->capacity->inLitres() ** 0.6);
    }

    /** Heat reaching the insert; on Warm, the most its thermostat may draw. */
    public function heatAt(Setting $setting): Power
    {
        return Power::watts($setting->shareOfHigh() * self::SHARE_OF_RATED_POWER_REACHING_INSERT
            * $this->ratedPower()->watts * $this->heatFactor * $setting->lowsShare($this->lowFactor));
    }

    /** Heat lost to the room with the lid on, W/K. Independent of the heat factor. */
    public function lossCoefficient(): float
    {
        return Setting::Low->shareOfHigh() * self::SHARE_OF_RATED_POWER_REACHING_INSERT
            * $this->ratedPower()->watts / self::LOW_EQUILIBRIUM_RISE * $this->lossFactor;
    }

    public function insertMass(): Mass
    {
        return Mass::kilograms(0.75 + 0.40 * $this->capacity->inLitres());
    }

    /** Inside area of the insert seen from above, m². */
    public function insideArea(): float
    {
        return 0.0145 * $this->capacity->inLitres() ** (2 / 3);
    }

    public function depth(): Length
    {
        return Length::metres($this->capacity->cubicMetres / $this->insideArea());
    }

    public function insideWidth(): Length
    {
        return Length::metres(2 * sqrt($this->insideArea() / (\M_PI * $this->shape->lengthOverWidth())));
    }

    public function insideLength(): Length
    {
        return Length::metres($this->insideWidth()->metres * $this->shape->lengthOverWidth());
    }
}
