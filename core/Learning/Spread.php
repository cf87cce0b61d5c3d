<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Meat\Joint;

/**
 * How uncertain each input of a cook is: standard deviations, of the logarithm where a factor, and what of it goes together.
 * Estimates, docs/model.md §4.
 */
final readonly class Spread
{
    public const LOSS = 0.06;
    public const THICKNESS_BY_FORM = 0.10;
    public const THICKNESS_BY_RULER = 0.04;

    private Covariance $together;

    /**
     * @param Covariance|null $together of the logarithms of heat, loss, need and thickness; null where nothing goes together
     * @param bool            $tailed   whether the heat may be far off more often than a normal one is: a label may be wrong
     * @param float           $eye      by how much thicker pieces are than this household takes them for, as a logarithm
     */
    public function __construct(
        public float $heat = Cooker::HEAT_SIGMA,
        public float $loss = self::LOSS,
        public float $need = 0.18,
        public float $thickness = self::THICKNESS_BY_FORM,
        public float $startKelvin = 3.0,
        ?Covariance $together = null,
        public bool $tailed = false,
        public float $eye = 0.0,
    ) {
        $this->together = $together ?? Covariance::diagonal([$heat ** 2, $loss ** 2, $need ** 2, $thickness ** 2]);
    }

    /** A measured thickness narrows the window; cut and cooker bring what is known of them. */
    public static function of(Joint $joint, Cooker $cooker): self
    {
        $tailed = $cooker->heatSigma >= Cooker::HEAT_SIGMA;

        return new self(
            heat: $tailed ? Tail::SIGMA * $cooker->heatSigma : $cooker->heatSigma,
            need: $joint->needSigma,
            thickness: $joint->measured ? self::THICKNESS_BY_RULER : self::THICKNESS_BY_FORM,
            tailed: $tailed,
        );
    }

    /** The same, where more or less is known of the meat's need. */
    public function needing(float $sigma): self
    {
        $share = $sigma / $this->need;

        return new self(
            $this->heat, $this->loss, $sigma, $this->thickness, $this->startKelvin,
            $this->together->scaled([1.0, 1.0, $share, 1.0]), $this->tailed, $this->eye,
        );
    }

    /** @return list<list<float>> what makes such logarithms of independent standard normal numbers */
    public function root(): array
    {
        return $this->together->root();
    }
}
