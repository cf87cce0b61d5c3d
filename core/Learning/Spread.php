<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Meat\Joint;

/**
 * How uncertain each input of a cook is: standard deviations, of the logarithm where a factor, and what of it goes together.
 * The last two are what the model itself leaves out. Estimates, docs/model.md §4.
 */
final readonly class Spread
{
    public const LOSS = 0.06;
    /** Low's heat beside High's. */
    public const LOW = 0.03;
    public const THICKNESS_BY_FORM = 0.10;
    public const THICKNESS_BY_RULER = 0.04;
    /** Meat's conductivity: fat, grain, temperature. */
    public const CONDUCTION = 0.065;
    /** Of what the pot is warmer than the room: a K in a pot that is at 95 °C. */
    public const ZONE = 0.6 / 75;

    private Covariance $together;

    /**
     * @param Covariance|null $together of the logarithms of heat, low, loss, need and thickness; null where nothing goes together
     * @param bool            $unknown  whether nobody knows the cooker yet
     * @param float           $eye      by how much thicker pieces are than this household takes them for, as a logarithm
     */
    public function __construct(
        public float $heat = Tail::SIGMA * Cooker::HEAT_SIGMA,
        public float $loss = self::LOSS,
        public float $need = 0.18,
        public float $thickness = self::THICKNESS_BY_FORM,
        public float $startKelvin = 3.0,
        public float $low = self::LOW,
        ?Covariance $together = null,
        public bool $unknown = false,
        public float $eye = 0.0,
    ) {
        $this->together = $together ?? Covariance::diagonal([$heat ** 2, $low ** 2, $loss ** 2, $need ** 2, $thickness ** 2]);
    }

    /** A measured thickness narrows the window; cut and cooker bring what is known of them. */
    public static function of(Joint $joint, Cooker $cooker): self
    {
        return new self(
            heat: Tail::SIGMA * $cooker->heatSigma,
            need: $joint->needSigma,
            thickness: $joint->measured ? self::THICKNESS_BY_RULER : self::THICKNESS_BY_FORM,
            unknown: $cooker->heatSigma >= Cooker::HEAT_SIGMA,
        );
    }

    /** The same, where more or less is known of the meat's need. */
    public function needing(float $sigma): self
    {
        $share = $sigma / $this->need;

        return new self(
            $this->heat, $this->loss, $sigma, $this->thickness, $this->startKelvin, $this->low,
            $this->together->scaled([1.0, 1.0, 1.0, $share, 1.0]), $this->unknown, $this->eye,
        );
    }

    /** @return list<list<float>> what makes such logarithms of independent standard normal numbers */
    public function root(): array
    {
        return $this->together->root();
    }
}
