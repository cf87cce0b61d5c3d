<?php

declare(strict_types=1);

namespace Pausis\Core\Learning;

use Pausis\Core\Cooker\Cooker;
use Pausis\Core\Meat\Joint;

/**
 * How uncertain each input is before any evidence: standard deviations, of the logarithm where a factor.
 * Estimates, docs/model.md §4.
 */
final readonly class Spread
{
    private const THICKNESS_BY_FORM = 0.10;
    private const THICKNESS_BY_RULER = 0.04;

    public function __construct(
        public float $heat = Cooker::HEAT_SIGMA,
        public float $loss = 0.06,
        public float $need = 0.18,
        public float $thickness = self::THICKNESS_BY_FORM,
        public float $startKelvin = 3.0,
    ) {
    }

    /** A measured thickness narrows the window; cut and cooker bring what is known of them. */
    public static function of(Joint $joint, Cooker $cooker): self
    {
        return new self(
            heat: $cooker->heatSigma,
            need: $joint->needSigma,
            thickness: $joint->measured ? self::THICKNESS_BY_RULER : self::THICKNESS_BY_FORM,
        );
    }
}
